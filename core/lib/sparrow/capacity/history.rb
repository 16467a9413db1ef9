# frozen_string_literal: true

module Sparrow
  module Capacity
    # How an estimate came about: each test and result in order of time, and what was believed after it, both as the number
    # that it is at one version, so that they can be compared.
    class History
      # @param estimate [Estimate]
      # @param catalogue [Catalogue]
      def initialize(estimate, catalogue)
        @estimate = estimate
        @catalogue = catalogue
      end

      # @return [Array<Hash>] of each measure of which something was ever seen: "unit", "at" (the version's name), "points"
      #   and "changes", what would change it in a sentence
      def measures
        [["reps", @estimate.reps], ["s", @estimate.time]].filter_map do |unit, measure|
          next if measure.nil?
          at = anchor(unit, measure)
          {"unit" => unit, "at" => at.name, "points" => measure.trail.map { |point| point(point, unit, at) }, "changes" => changes(measure)} if at
        end
      end

      private

      # The version at which the level's own profile is told; else that of the latest result.
      def anchor(unit, measure)
        id = Profile.anchor(@estimate.pattern, @estimate.level, (unit == "s") ? "hold" : "reps")
        (id && @catalogue.variation(id)) || measure.trail.last&.evidence&.variation
      end

      def point(point, unit, at)
        evidence = point.evidence
        {"day" => evidence.on.iso8601, "source" => evidence.source, "bound" => evidence.bound, "name" => evidence.variation.name, "amount" => evidence.amount.to_f.round(1),
         "value" => number(evidence.value, unit, at), "after" => number(point.after, unit, at)}
      end

      def number(value, unit, at)
        demand = at.exact_demand
        found = (unit == "s") ? value / demand**2 : Capacity.moves(value, demand, Capacity.k(@estimate.pattern))
        found.to_f.round(1)
      end

      def changes(measure)
        return Sparrow.say("capacity.a_guess_gives_way") if measure.guess?
        measure.stale ? Sparrow.say("capacity.old_counts_whole_again") : Sparrow.say("capacity.moves_half_way")
      end
    end
  end
end
