# frozen_string_literal: true

module Sparrow
  module Planning
    # What other standards would change in a circuit.
    class ChangeImpact
      # @param document [Hash] a sound workout document
      # @param house [Hash] the standards that it would stand under
      def initialize(document, house, catalogue: Catalogue.house)
        @document = document
        @changed = document.merge("house" => house)
        @catalogue = catalogue
      end

      attr_reader :changed

      # @return [Hash, nil] "total_before_s", "total_after_s" and "targets", the number of
      #   cells that ask something else or take another time; nil where nothing changes
      def call
        before = Plan::Timeline.compile(Plan.read(@document, catalogue: @catalogue))
        after = Plan::Timeline.compile(Plan.read(@changed, catalogue: @catalogue))
        targets = cells(before).zip(cells(after)).count { |one, other| one != other }
        return if targets.zero? && before.total_s == after.total_s
        {"total_before_s" => before.total_s, "total_after_s" => after.total_s, "targets" => targets}
      end

      private

      def cells(timeline)
        timeline.workout.each_station.flat_map do |_, station|
          Level::ALL.map { |level| [Wording.at(station, level), *station.at(level)&.then { |cell| [cell.seconds_per_move, cell.tempo, cell.load_kg] }] }
        end
      end
    end
  end
end
