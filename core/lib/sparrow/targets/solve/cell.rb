# frozen_string_literal: true

module Sparrow
  module Targets
    class Solve
      # One level at one station, as the solver turns it.
      class Cell
        HOLD_STEP_S = 5
        UNTURNED = %w[stretch mobility].freeze

        attr_reader :block, :station, :take

        def initialize(block, station, take)
          @block = block
          @station = station
          @take = take
          @fives_from = block.house.fives_from
        end

        def counted?
          !take.reps.nil? && !take.seconds_per_move.nil? && station.counts.nil?
        end

        # @return [Integer, nil] the number as it stands: reps, or seconds held; nil where there is none to choose
        def number
          counted? ? take.reps_counted : (take.hold_s if held?)
        end

        # @return [Integer] what a number of this size goes up by
        def step(number)
          counted? ? Scaling::Rounding.step_for(number, take.evens?, @fives_from) : HOLD_STEP_S
        end

        # The most that ends within so many seconds, rounded down as numbers are called.
        # @return [Integer, nil] nil where the cell has no number to choose
        def most(seconds)
          return rounded(take.counting.counted((seconds / take.seconds_per_move).floor)) if counted?
          return unless held?
          rounded((seconds / unit_s).floor)
        end

        # @return [Integer] as it would be called, never more
        def rounded(number)
          counted? ? rounded_to_call(number) : Scaling::Rounding.down(number, HOLD_STEP_S)
        end

        # @return [Integer]
        def rounded_to_call(number)
          Scaling::Rounding.down(number, Scaling::Rounding.step_for(number, take.evens?, @fives_from))
        end

        # @return [Rational, Integer] seconds of one more
        def unit_s
          return take.seconds_per_move * take.counting.moves_per_count if counted?
          take.each_side_held? ? 2 : 1
        end

        # @param to [Integer]
        # @return [Change, nil] nil where nothing changes
        def change(to)
          return if to.nil? || to < 1 || to == number
          key = counted? ? "reps" : "hold_s"
          Change.new(pointer: "#{take.pointer}/#{key}", block: block.id, station: station.id, level: take.level, key: key,
            from: value(number, number), to: value(to, number))
        end

        private

        # A stretch is held as long as it is good for, and not to fill a window.
        def held?
          !take.hold.nil? && station.counts.nil? && !UNTURNED.include?(take.variation&.pattern)
        end

        # A range keeps its width as far as it can.
        def value(to, from)
          range = counted? ? take.reps : take.hold
          return to if range.min == range.max
          {"min" => [to - (from - range.min), 1].max, "max" => to}
        end
      end
    end
  end
end
