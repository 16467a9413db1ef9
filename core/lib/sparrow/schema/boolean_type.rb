# frozen_string_literal: true

module Sparrow
  module Schema
    # True or false.
    class BooleanType
      def read(value, trail)
        (value == true || value == false) ? value : trail.refuse("must be true or false")
      end

      def json_schema(_names)
        {"type" => "boolean"}
      end
    end
  end
end
