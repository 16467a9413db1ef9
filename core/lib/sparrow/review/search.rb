# frozen_string_literal: true

module Sparrow
  module Review
    # All rules, each asked once, and only where what it looks at has changed since it was asked before.
    class Search
      ORDER, NUMBERS = RULES.reject { |rule| rule < StationRule }.partition { |rule| rule < OrderRule }.map(&:freeze)
      STATION = RULES.select { |rule| rule < StationRule }.freeze

      # @param facts [Facts]
      def initialize(facts)
        @facts = facts
        @kept = facts.kept
      end

      # @return [Array<Finding>]
      def findings
        [*in_order, *at_stations, *of(NUMBERS)]
      end

      private

      def of(rules)
        rules.flat_map { |rule| rule.new(@facts).findings }
      end

      def in_order
        @kept.made(@facts.workout.blocks.last, :found, *@facts.order) { lasting(of(ORDER)) }
      end

      def at_stations
        people = @facts.workout.head_count
        @facts.workout.blocks.flat_map do |block|
          @kept.made(block, :found_at_stations, people) do
            block.stations.flat_map { |station| @kept.made(station, :found, people) { lasting(at_station(block, station)) } }
          end
        end
      end

      def at_station(block, station)
        @rules ||= STATION.map { |rule| rule.new(@facts) }
        @rules.flat_map { |rule| rule.of_station(block, station) }
      end

      # What is kept holds on to no plan: a fix that is still to be looked for would.
      def lasting(findings)
        @kept.equal?(Plan::KeptBlocks::NONE) ? findings : findings.map { |finding| finding.with(fixes: [finding.fix].compact.freeze) }
      end
    end
  end
end
