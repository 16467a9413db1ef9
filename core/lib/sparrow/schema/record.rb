# frozen_string_literal: true

module Sparrow
  module Schema
    # An object with known keys. A null is the same as a key left out; an
    # unknown key is refused, whatever it holds.
    class Record
      # @param fields [Hash{String => #read}]
      # @param required [Array<String>]
      def initialize(fields, required: [])
        @fields = fields
        @required = required
      end

      def read(value, trail)
        return trail.refuse(Sparrow.say("schema.must_be_an_object")) unless value.is_a?(Hash)
        result = {}
        value.each do |key, held|
          shape = @fields[key]
          next trail.refuse(Sparrow.say("schema.is_not_a_key_that_belongs"), key) unless shape
          next if held.nil?
          result[key] = trail.under(key) { shape.read(held, trail) }
        end
        @required.each { |key| trail.refuse(Sparrow.say("schema.is_missing"), key) if value[key].nil? }
        result
      end

      def json_schema(names)
        {"type" => "object", "additionalProperties" => false, "required" => @required, "properties" => @fields.transform_values { |shape| names.of(shape) }}
          .reject { |key, value| key == "required" && value.empty? }
      end
    end
  end
end
