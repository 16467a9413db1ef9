# frozen_string_literal: true

module Sparrow
  module Plan
    # A movement's place in a block. +levels+ holds a Prescription per level that does something there: who
    # sits it out has none. A level may do another movement than the station's;
    # +counts+, on a ladder, the reps of each of its rounds per level; +alternatives+ a version for who must
    # spare a joint, by joint; +optional+ whether it is a bonus for who likes.
    class Station < Value.of(:id, :pointer, :movement, :parts, :name, :in_rounds, :note, :levels, :scaling, :counts, :alternatives, :optional)
      def in_round?(round)
        in_rounds.nil? || in_rounds.include?(round)
      end

      # @return [Prescription, nil] nil where the level sits the station out
      def at(level)
        levels[level]
      end

      # @return [Array<Catalogue::Movement>] of all levels, the station's own first; of a compound those of its parts
      def movements
        [movement, *levels.each_value.flat_map(&:movements)].compact.uniq(&:id)
      end

      # @return [Boolean] whether levels do different movements there, or one of them none
      def mixed?
        levels.size < Level::ALL.size || levels.each_value.map { |prescription| prescription.movements.map(&:id) }.uniq.size > 1
      end

      # @param level [String] whose prescription is taken
      # @param round [Integer]
      # @return [Integer] reps as counted in that round
      def counted(level, round)
        (counts && counts.fetch(level)[round]) || at(level).reps_counted
      end
    end
  end
end
