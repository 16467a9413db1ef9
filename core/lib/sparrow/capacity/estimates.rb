# frozen_string_literal: true

module Sparrow
  module Capacity
    # One person, per pattern: known where there is evidence, else a guess from
    # the level they chose. The answer to “how much” is a Profile, as a level's is.
    class Estimates
      attr_reader :today

      # @param levels [Hash{String => String}] pattern to the level chosen
      # @param pacing_level [String] the level where none is chosen for a pattern
      # @param evidence [Array<Evidence>]
      # @param today [Date]
      def initialize(levels:, pacing_level:, evidence:, today:)
        @levels = levels
        @pacing_level = pacing_level
        @evidence = evidence.group_by(&:pattern)
        @today = today
        @kept = {}
      end

      # @return [Estimate, nil] nil where neither evidence nor the house's profiles say anything
      def of(pattern)
        @kept.fetch(pattern) { @kept[pattern] = estimate(pattern) }
      end

      # @return [Array<Estimate>] of every pattern that something is known of
      def all
        Catalogue::Movement::PATTERNS.filter_map { |pattern| of(pattern) }
      end

      # @return [String] the level chosen in a pattern
      def level(pattern)
        @levels.fetch(pattern, @pacing_level)
      end

      # @return [Boolean] whether nothing but the level chosen says how much they can do of it
      def guess?(pattern, by_time:)
        measure = of(pattern)&.measure(by_time)
        measure.nil? || measure.guess?
      end

      # @param state [String] "fresh" or "tired"
      # @return [Profile] with every factor in it
      def profile(state: "fresh", name: "person")
        today = (state == "tired") ? Estimate::TIRED : 1
        known = all
        counted, timed = known.select(&:reps), known.select(&:time)
        Profile.new(
          name: name,
          strengths: counted.to_h { |estimate| [estimate.pattern, estimate.reps.value.to_f] }.freeze,
          holds: timed.to_h { |estimate| [estimate.pattern, hold(estimate.time.value)] }.freeze,
          trust: known.to_h { |estimate| [estimate.pattern, Profile::Trust.new(factor(estimate.reps, today), factor(estimate.time, today), today).freeze] }.freeze,
          least_strengths: counted.select { |estimate| estimate.reps.least }.to_h { |estimate| [estimate.pattern, estimate.reps.least.to_f] }.freeze,
          least_holds: timed.select { |estimate| estimate.time.least }.to_h { |estimate| [estimate.pattern, hold(estimate.time.least)] }.freeze
        )
      end

      private

      def factor(measure, today)
        ((measure&.factor || 1) * today).to_f
      end

      def hold(reference)
        Profile::Hold.new(reference.to_f, 1.0).freeze
      end

      def estimate(pattern)
        evidence = @evidence.fetch(pattern, [])
        profile = Profile.of_level(level(pattern))
        reps = measure(evidence, "reps", profile.strengths[pattern])
        time = measure(evidence, "hold", profile.holds[pattern]&.reference)
        Estimate.new(pattern: pattern, level: level(pattern), reps: reps, time: time) if reps || time
      end

      def measure(evidence, yields, guess)
        Learning.new(evidence.select { |item| item.yields == yields }, guess: guess, today: today).measure
      end
    end
  end
end
