# frozen_string_literal: true

module Sparrow
  module Schema
    # A whole number in a range. +unit+ completes the message: "seconds".
    class IntegerType
      def initialize(range, unit = nil)
        @range = range
        @unit = unit
        @says = Sparrow.say("schema.must_be_a_whole_number_from", min: range.min, max: range.max, n: (" #{unit}" if unit))
      end

      def read(value, trail)
        value = value.to_i if value.is_a?(Float) && value.finite? && value == value.floor
        (value.is_a?(Integer) && @range.cover?(value)) ? value : trail.refuse(@says)
      end

      def json_schema(_names)
        {"type" => "integer", "minimum" => @range.min, "maximum" => @range.max, **(@unit ? {"description" => "In #{@unit}."} : {})}
      end
    end
  end
end
