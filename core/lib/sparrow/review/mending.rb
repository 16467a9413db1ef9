# frozen_string_literal: true

require "hana"

module Sparrow
  module Review
    # Tries what may mend a finding, and offers what does: applied, the finding is gone, nothing that was not found before
    # is found, the plan can still be read, and it is at most as much longer as may be.
    class Mending
      # So much longer a fix makes a class at most, in seconds: a warm-up of five minutes adds five.
      MOST_LONGER_S = 330
      # So many ways are tried for one finding, and in all: fewer the longer the plan is.
      MOST_TRIED = 8
      MOST_STATIONS_TRIED = 1500

      # @param facts [Facts] of the plan
      # @param findings [Array<Finding>] all of it
      # @param off [Array<String>] names of rules that nobody asks
      def initialize(facts, findings, off = [])
        @off = off
        @facts = facts
        @findings = findings
        @keys = findings.map(&:key)
        @left = MOST_STATIONS_TRIED / [facts.workout.each_station.count, 1].max
      end

      # @param finding [Finding]
      # @return [Fix, nil] the first that mends it and nothing else breaks
      def of(finding)
        finding.candidates.first(MOST_TRIED).find { |fix| (@left -= 1) >= 0 && mends?(finding, fix) }
      end

      private

      def mends?(finding, fix)
        facts, found = after(fix)
        return false unless found
        found.none? { |other| other.key == finding.key } && allowed?(finding, found) && (finding.severity == "stop" || short_enough?(facts.timeline.total_s))
      end

      # Up to its slot a class may grow.
      def short_enough?(total_s)
        total_s <= [@facts.timeline.total_s + MOST_LONGER_S, @facts.workout.slot_s || 0].max
      end

      # A plan that cannot be run at all may have more to be said of it once it can.
      def allowed?(finding, found)
        fresh = found.reject { |other| @keys.include?(other.key) }
        (finding.severity == "stop") ? fresh.none? { |other| other.severity == "stop" } : fresh.empty?
      end

      def after(fix)
        document = Hana::Patch.new(JSON.parse(JSON.generate(fix.patch))).apply(JSON.parse(JSON.generate(@facts.workout.document)))
        timeline = Plan::Timeline.compile(Plan.read(document, catalogue: @facts.catalogue))
        facts = Facts.new(timeline, catalogue: @facts.catalogue, capacity: Capacity::Lanes.new(timeline))
        [facts, Review.found(facts, @off)]
      rescue Refused, Hana::Patch::Exception
        nil
      end
    end
  end
end
