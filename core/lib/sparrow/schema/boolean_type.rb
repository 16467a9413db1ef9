# frozen_string_literal: true

module Sparrow
  module Schema
    # True or false.
    class BooleanType
      def read(value, trail)
        (value == true || value == false) ? value : trail.refuse(Sparrow.say("schema.must_be_true_or_false"))
      end

      def json_schema(_names)
        {"type" => "boolean"}
      end
    end
  end
end
