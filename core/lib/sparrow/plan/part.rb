# frozen_string_literal: true

module Sparrow
  module Plan
    # A part of a compound count: so many moves of a movement. +variation+ is the level's
    # own, where it is a level's part; a station's has none.
    Part = Value.row(:movement, :reps, :variation)
  end
end
