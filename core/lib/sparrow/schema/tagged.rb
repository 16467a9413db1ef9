# frozen_string_literal: true

module Sparrow
  module Schema
    # An object whose shape is told by one of its keys. Where that key is missing or unknown,
    # this one thing is said and not that every other key is wrong.
    class Tagged
      # @param key [String]
      # @param cases [#call] answers the shapes by the key's value, as a Hash
      def initialize(key, &cases)
        @key = key
        @cases = cases
      end

      def read(value, trail)
        return trail.refuse(Sparrow.say("schema.must_be_an_object")) unless value.is_a?(Hash)
        shape = @cases.call[value[@key]]
        return shape.read(value, trail) if shape
        return trail.refuse(Sparrow.say("schema.is_missing"), @key) if value[@key].nil?
        trail.refuse(Sparrow.say("schema.must_be_one_of_keys", keys: @cases.call.keys.join(", ")), @key)
      end

      def json_schema(names)
        cases = @cases.call
        {"type" => "object", "required" => [@key], "properties" => {@key => {"enum" => cases.keys}},
         "allOf" => cases.map { |value, shape| {"if" => {"properties" => {@key => {"const" => value}}}, "then" => names.of(shape)} }}
      end
    end
  end
end
