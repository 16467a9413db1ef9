# frozen_string_literal: true

module Sparrow
  module Running
    # How hard somebody works by their pulse, in thirds of what lies between rest and the most that is to be expected at their age:
    # an estimate, for the instructor to ask by and not to train by.
    # Sources: the reserve, Karvonen et al. 1957; the most at an age, 208 − 0.7 × age, Tanaka et al. 2001 (it is off by ten beats and
    # more for one person in three).
    module Effort
      # House estimate of a pulse at rest.
      REST_BPM = 65
      THIRDS = %w[easy moderate hard].freeze

      # @param bpm [Integer]
      # @param age [Integer, nil] in years
      # @return [String, nil] easy, moderate or hard; nil where the age is not known
      def self.of(bpm, age)
        return unless age
        share = Rational(bpm - REST_BPM, most(age) - REST_BPM)
        THIRDS[(share * THIRDS.size).floor.clamp(0, THIRDS.size - 1)]
      end

      # @return [Rational] beats a minute
      def self.most(age)
        208 - age * Rational(7, 10)
      end
    end
  end
end
