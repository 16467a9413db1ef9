# frozen_string_literal: true

module Sparrow
  # Which variation, number and rest suit each person at each station. A person
  # trains at a fitting level when what they are given leaves a little in reserve
  # in the last round and spares what must be spared (docs/decisions/0009).
  module Fitting
    # The easiest variation lowered to fewer than this is no set any more.
    LEAST = 3
    # Of a hold, or work kept up for a time.
    LEAST_S = 5
    # Who could clearly do more is offered a step, or is given it: as planned, or to the reserve.
    GOING_UP = %w[offered taken].freeze
    PASSES = 3
  end
end
