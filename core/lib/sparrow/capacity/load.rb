# frozen_string_literal: true

module Sparrow
  module Capacity
    # What one set asks of one pattern: moves per working side, or seconds.
    Load = Value.row(:pattern, :demand, :amount, :by_time) do
      # @param take [Circuit::Prescription]
      # @param counted [Integer] reps as called; 0 for what is held or kept up
      # @param work_s [Integer] seconds of the set
      # @return [Array<Load>] one for each part of a compound
      def self.of(take, counted, work_s)
        return parts(take, counted) unless take.variation
        [rung_load(take, take.variation, kind(take.variation), counted, work_s)]
      end

      # A jump without impact is stepped: it tires as a march does.
      # @return [String] the pattern that a rung tires
      def self.kind(rung)
        (rung.pattern == "jump" && rung.no_impact?) ? "gait" : rung.pattern
      end

      def self.rung_load(take, rung, pattern, counted, work_s)
        moves = take.counting.moves(counted)
        moves = Rational(moves, 2) if rung.sides != "two_sided"
        return new(pattern, rung.demand_value, moves, false) if counted.positive? && !BY_TIME.include?(pattern)
        seconds = (counted.positive? && take.seconds_per_move) ? moves * take.seconds_per_move : held_s(take, rung, work_s)
        new(pattern, rung.demand_value, seconds, true)
      end

      # A hold is for each side already; work on alternating sides goes on for both.
      def self.held_s(take, rung, work_s)
        return take.hold_s if take.hold
        (rung.sides == "one_sided") ? Rational(work_s, 2) : work_s
      end

      def self.parts(take, counted)
        (take.parts || []).map do |part|
          rung = part["rung"]
          moves = part["reps"] * counted
          moves = Rational(moves, 2) if rung.sides != "two_sided"
          pattern = kind(rung)
          by_time = BY_TIME.include?(pattern)
          new(pattern, rung.demand_value, by_time ? moves * (take.seconds_per_move || 1) : moves, by_time)
        end
      end
      private_class_method :rung_load, :held_s, :parts
    end
  end
end
