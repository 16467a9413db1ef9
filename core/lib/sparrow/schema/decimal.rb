# frozen_string_literal: true

module Sparrow
  module Schema
    # A number, whole or not, in a range.
    class Decimal
      def initialize(range)
        @range = range
      end

      def read(value, trail)
        return value if value.is_a?(Numeric) && @range.cover?(value)
        trail.refuse(Sparrow.say("schema.must_be_a_number_from_begin", begin: @range.begin, end: @range.end))
      end

      def json_schema(_names)
        {"type" => "number", "minimum" => @range.begin, "maximum" => @range.end}
      end
    end
  end
end
