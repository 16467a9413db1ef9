# frozen_string_literal: true

module Sparrow
  module Shape
    # One of a few fixed values.
    class OneOf
      def initialize(*values)
        @values = values.to_h { |value| [value, true] }
        @says = (values.one? ? "must be " : "must be one of ") + values.join(", ")
      end

      def read(value, trail)
        @values.key?(value) ? value : trail.refuse(@says)
      end
    end
  end
end
