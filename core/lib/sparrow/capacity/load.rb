# frozen_string_literal: true

module Sparrow
  module Capacity
    # What one set asks of one pattern: moves per working side, or seconds.
    Load = Value.row(:pattern, :demand, :amount, :by_time) do
      # @param prescription [Plan::Prescription]
      # @param counted [Integer] reps as called; 0 for what is held or kept up
      # @param work_s [Integer] seconds of the set
      # @return [Array<Load>] one for each part of a compound
      def self.of(prescription, counted, work_s)
        return parts(prescription, counted) unless prescription.variation
        [variation_load(prescription, prescription.variation, kind(prescription.variation), counted: counted, work_s: work_s)]
      end

      # A jump without impact is stepped: it tires as a march does.
      # @return [String] the pattern that a variation tires
      def self.kind(variation)
        (variation.pattern == "jump" && variation.no_impact?) ? "gait" : variation.pattern
      end

      def self.variation_load(prescription, variation, pattern, counted:, work_s:)
        moves = prescription.counting.moves(counted)
        return new(pattern, variation.demand_value, a_side(variation, moves), false) if counted.positive? && !BY_TIME.include?(pattern)
        seconds = (counted.positive? && prescription.seconds_per_move) ? moves * prescription.seconds_per_move : held_s(prescription, variation, work_s)
        new(pattern, variation.demand_value, seconds, true)
      end

      # A hold is for each side already; work on alternating sides goes on for both.
      def self.held_s(prescription, variation, work_s)
        return prescription.hold_s if prescription.hold
        (variation.sides == "one_sided") ? Rational(work_s, 2) : work_s
      end

      def self.parts(prescription, counted)
        (prescription.parts || []).map do |part|
          variation = part.variation
          moves = part.reps * counted
          pattern = kind(variation)
          by_time = BY_TIME.include?(pattern)
          new(pattern, variation.demand_value, by_time ? moves * (prescription.seconds_per_move || 1) : a_side(variation, moves), by_time)
        end
      end

      # Left and right tire by turns; time goes on for both.
      def self.a_side(variation, moves)
        (variation.sides == "two_sided") ? moves : Rational(moves, 2)
      end
      private_class_method :variation_load, :held_s, :parts, :a_side
    end
  end
end
