# frozen_string_literal: true

module Sparrow
  module Shape
    # A whole number in a range. +unit+ completes the message: "seconds".
    class Whole
      def initialize(range, unit = nil)
        @range = range
        @says = "must be a whole number from #{range.min} to #{range.max}#{" #{unit}" if unit}"
      end

      def read(value, trail)
        value = value.to_i if value.is_a?(Float) && value.finite? && value == value.floor
        (value.is_a?(Integer) && @range.cover?(value)) ? value : trail.refuse(@says)
      end
    end
  end
end
