# frozen_string_literal: true

module Sparrow
  module Schema
    # One of a number of fixed values. They are all named in the message where they are few.
    class OneOf
      NAMED = 30

      # @param example [String, nil] one of them, to be named where they are many
      # @param unknown [#call, nil] makes a message of its own from a value that is none of them
      def initialize(*values, example: values.first, unknown: nil)
        @values = values.to_h { |value| [value, true] }
        @says = says(values, example)
        @unknown = unknown
      end

      def read(value, trail)
        return value if @values.key?(value)
        trail.refuse((@unknown && value.is_a?(String)) ? @unknown.call(value.slice(0, 40).tr("_", " ").capitalize) : @says)
      end

      def json_schema(_names)
        @values.one? ? {"const" => @values.each_key.first} : {"enum" => @values.keys}
      end

      private

      def says(values, example)
        return Sparrow.say("schema.must_be_one_of_the_amount", amount: values.size, example: example) if values.size > NAMED
        (values.one? ? "#{Sparrow.say("schema.must_be")} " : "#{Sparrow.say("schema.must_be_one_of")} ") + values.join(", ")
      end
    end
  end
end
