# frozen_string_literal: true

module Sparrow
  module Fitting
    # What a set must leave undone: two moves at least, and a share of the number that is asked. The less used somebody is
    # to hard work, the larger. Of work measured by time a share of the seconds.
    class Reserve < Value.row(:moves, :share, :share_of_time)
      # By level, of moves and of seconds.
      SHARES = {"beginner" => [1 / 2.0, 0.3], "intermediate" => [1 / 3.0, 0.2], "advanced" => [1 / 4.0, 0.15]}.freeze

      # @param level [String]
      # @param moves [Integer] the least in any case
      # @return [Reserve]
      def self.of(level, moves:)
        reps, time = SHARES.fetch(level)
        new(moves, reps, time)
      end

      # @param amount [Numeric] asked: moves per working side, or seconds
      # @return [Float] moves or seconds that must be there
      def needs(amount, by_time)
        return amount * (1.0 + share_of_time) if by_time
        left = amount * share
        amount + ((left > moves) ? left : moves)
      end

      # @return [Numeric] moves that must be there before a set of as many as one can
      def needs_open
        LEAST + moves
      end
    end
  end
end
