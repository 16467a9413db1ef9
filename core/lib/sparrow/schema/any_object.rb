# frozen_string_literal: true

module Sparrow
  module Schema
    # An object that holds whatever it does.
    class AnyObject
      def read(value, trail)
        value.is_a?(Hash) ? value : trail.refuse(Sparrow.say("schema.must_be_an_object"))
      end

      def json_schema(_names)
        {"type" => "object", "additionalProperties" => true}
      end
    end
  end
end
