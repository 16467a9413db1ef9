# frozen_string_literal: true

module Sparrow
  # What somebody can do, fresh and tired: one number per pattern. A model to
  # compare variations with, not a measurement of strength. A level is a house
  # profile; a person is a measured one; the same code serves both.
  module Capacity
    # Patterns whose work is measured in seconds, whether counted aloud or not.
    BY_TIME = %w[trunk_bracing lateral_trunk gait jump].freeze
    # Beyond this a clean maximum says little about strength.
    MOST = 100

    # k of the model: how many moves more a share of strength in reserve is worth (Epley 1985).
    K = 30
    # Legs do more at the same share of their strength (Hoeger 1990).
    K_OF_LEGS = 50
    LEGS = %w[squat lunge hinge].freeze

    # @param pattern [String]
    # @return [Integer] k
    def self.k(pattern)
      LEGS.include?(pattern) ? K_OF_LEGS : K
    end

    # @param variation [Catalogue::Variation]
    # @return [Boolean] whether what it asks is measured in seconds
    def self.by_time?(variation)
      !variation.counted? || BY_TIME.include?(variation.pattern)
    end

    # Fresh maximum in moves per working side, from the strength index S and the
    # demand d: N = k × (S / d − 1), within 0 and 100.
    # @return [Rational, Float]
    def self.moves(strength, demand, k)
      (k * ((strength / demand) - 1)).clamp(0, MOST)
    end

    # The strength index from a clean maximum at a demand: S = d × (1 + n / k).
    def self.strength(demand, most, k)
      demand * (1 + (most / k.to_r))
    end

    # Longest hold at a demand: T = T_ref × (d_ref / d)², an estimate.
    # @return [Numeric] seconds
    def self.seconds(reference_s, reference_demand, demand)
      reference_s * ((reference_demand / demand)**2)
    end
  end
end
