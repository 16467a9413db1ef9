# frozen_string_literal: true

module Sparrow
  module Standards
    # A total spread over rounds: 60 over four descending is 24, 18, 12, 6.
    module Distribution
      SHAPES = %w[flat descending ascending pyramid typed].freeze

      # The total cannot be spread so; the message says why.
      class Impossible < ArgumentError; end

      # @param shape [String] one of SHAPES but "typed", whose weights are its counts
      # @param rounds [Integer]
      # @return [Array<Integer>] n…1, 1…n, or 1…peak…1 with twin peaks where n is even
      def self.weights(shape, rounds)
        case shape
        when "descending" then (1..rounds).to_a.reverse
        when "ascending" then (1..rounds).to_a
        when "pyramid" then (1..rounds).map { |round| [round, rounds + 1 - round].min }
        else Array.new(rounds, 1)
        end
      end

      # Largest remainder in multiples of +step+, ties to the earlier round.
      # @param total [Integer]
      # @param weights [Array<Integer>] one for each round
      # @return [Array<Integer>] that add up to the total
      # @raise [Impossible] where the step does not divide the total, or a round would get nothing
      def self.over(total, weights, step: 1)
        raise Impossible, Sparrow.say("standards.total_is_not_a_multiple_of", total: total, step: step) unless (total % step).zero?
        units = total / step
        exact = weights.map { |weight| Rational(units * weight, weights.sum) }
        counts = exact.map(&:floor)
        by_remainder = exact.each_index.sort_by { |index| [counts[index] - exact[index], index] }
        by_remainder.first(units - counts.sum).each { |index| counts[index] += 1 }
        raise Impossible, Sparrow.say("standards.total_over_amount_rounds_leaves_a", total: total, amount: weights.size) if counts.any?(&:zero?)
        counts.map { |count| count * step }
      end
    end
  end
end
