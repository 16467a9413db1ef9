# frozen_string_literal: true

module Sparrow
  module Standards
    # A share of the advanced number, as a number that can be called: exact,
    # halves up, in fives where the advanced number is large, else in ones; in
    # tens and twos where sides alternate.
    module Rounding
      LEAST = 3
      LEAST_ALTERNATING = 4

      # @param advanced [Integer] as typed
      # @param share [Rational] 1 for all of it
      # @param fives_from [Integer] the advanced number from which fives begin
      # @return [Integer] at least 3 (4 where sides alternate), never above the advanced number
      def self.of(advanced, share, alternating: false, fives_from: House.plain.fives_from)
        return advanced if share >= 1
        step = step_for(advanced, alternating, fives_from)
        least = alternating ? LEAST_ALTERNATING : LEAST
        [to_step(advanced * share, step), least].max.clamp(nil, advanced)
      end

      # @return [Integer] the unit in which a number of this size is called
      def self.step_for(advanced, alternating, fives_from)
        ((advanced >= fives_from) ? 5 : 1) * (alternating ? 2 : 1)
      end

      # @param number [Rational]
      # @return [Integer] the nearest multiple of the step, halves up
      def self.to_step(number, step)
        ((number / Rational(step)) + Rational(1, 2)).floor * step
      end

      # @return [Integer] the next multiple of the step below or at
      def self.down(number, step)
        (number / Rational(step)).floor * step
      end
    end
  end
end
