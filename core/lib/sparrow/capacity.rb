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

    # Fresh maximum in moves per working side, from the strength index S and the
    # demand d: N = 30 × (S / d − 1) (Epley 1985, turned round), within 0 and 100.
    # @return [Rational, Float]
    def self.moves(strength, demand)
      (30 * ((strength / demand) - 1)).clamp(0, MOST)
    end

    # The strength index from a clean maximum at a demand: S = d × (1 + n / 30).
    def self.strength(demand, most)
      demand * (1 + (most/30r))
    end

    # Longest hold at a demand: T = T_ref × (d_ref / d)², an estimate.
    # @return [Numeric] seconds
    def self.seconds(reference_s, reference_demand, demand)
      reference_s * ((reference_demand / demand)**2)
    end
  end
end
