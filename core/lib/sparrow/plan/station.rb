# frozen_string_literal: true

module Sparrow
  module Plan
    # A movement's place in a block. +levels+ holds a Prescription per level;
    # +counts+, on a ladder, the reps of each of its rounds per level; +alternatives+ a version for who must
    # spare a joint, by joint; +optional+ whether it is a bonus for who likes.
    class Station < Value.of(:id, :pointer, :movement, :parts, :name, :in_rounds, :note, :levels, :scaling, :counts, :alternatives, :optional)
      def in_round?(round)
        in_rounds.nil? || in_rounds.include?(round)
      end

      # @return [Prescription]
      def at(level)
        levels.fetch(level)
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
