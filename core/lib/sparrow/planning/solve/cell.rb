# frozen_string_literal: true

module Sparrow
  module Planning
    class Solve
      # One level at one station, as the solver turns it.
      class Cell
        HOLD_STEP_S = 5
        UNTURNED = %w[stretch mobility].freeze

        attr_reader :block, :station, :prescription

        def initialize(block, station, prescription)
          @block = block
          @station = station
          @prescription = prescription
          @fives_from = block.house.fives_from
        end

        def counted?
          !prescription.reps.nil? && !prescription.seconds_per_move.nil? && station.counts.nil?
        end

        # @return [Integer, nil] the number as it stands: reps, or seconds held; nil where there is none to choose
        def number
          counted? ? prescription.reps_counted : (prescription.hold_s if held?)
        end

        # @return [Integer] that a set of so many takes
        def seconds(number)
          (counted? ? prescription.with(reps: number..number) : prescription.with(hold: number..number)).set_s
        end

        # @return [Integer] what a number of this size goes up by
        def step(number)
          counted? ? Standards::Rounding.step_for(number, prescription.requires_even_count?, @fives_from) : HOLD_STEP_S
        end

        # The most that ends within so many seconds, rounded down as numbers are called.
        # @return [Integer, nil] nil where the cell has no number to choose
        def most(seconds)
          return rounded(prescription.counting.counted((seconds / prescription.seconds_per_move).floor)) if counted?
          return unless held?
          rounded((seconds / unit_s).floor)
        end

        # @return [Integer] as it would be called, never more
        def rounded(number)
          counted? ? rounded_to_call(number) : Standards::Rounding.down(number, HOLD_STEP_S)
        end

        # @return [Integer]
        def rounded_to_call(number)
          Standards::Rounding.down(number, Standards::Rounding.step_for(number, prescription.requires_even_count?, @fives_from))
        end

        # @return [Rational, Integer] seconds of one more
        def unit_s
          return prescription.seconds_per_move * prescription.counting.moves_per_count if counted?
          prescription.each_side_held? ? 2 : 1
        end

        # @param to [Integer]
        # @return [Change, nil] nil where nothing changes
        def change(to)
          return if to.nil? || to < 1 || to == number
          key = counted? ? "reps" : "hold_s"
          Change.new(pointer: "#{prescription.pointer}/#{key}", block: block.id, station: station.id, level: prescription.level, key: key,
            from: value(number, number), to: value(to, number))
        end

        private

        # A stretch is held as long as it is good for, and not to fill a window.
        def held?
          !prescription.hold.nil? && station.counts.nil? && !UNTURNED.include?(prescription.variation&.pattern)
        end

        # A range keeps its width as far as it can.
        def value(to, from)
          range = counted? ? prescription.reps : prescription.hold
          return to if range.min == range.max
          {"min" => [to - (from - range.min), 1].max, "max" => to}
        end
      end
    end
  end
end
