# frozen_string_literal: true

module Sparrow
  module Schema
    # An object with known keys. A null is the same as a key left out; an
    # unknown key is refused, whatever it holds.
    class Record
      # @param fields [Hash{String => #read}]
      # @param required [Array<String>]
      # @param about [Hash{String => String}] what some of its keys are, for the API's description
      # @param formerly [Hash{String => String}] keys of the version before, which a page that is still open sends
      def initialize(fields, required: [], about: {}, formerly: {})
        @fields = fields
        @required = required
        @about = about
        @formerly = formerly
      end

      def read(value, trail)
        return trail.refuse(Sparrow.say("schema.must_be_an_object")) unless value.is_a?(Hash)
        value = value.transform_keys(@formerly) unless @formerly.empty?
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

      # @return [Boolean] whether the key may be left out
      def optional?(key)
        !@required.include?(key)
      end

      def json_schema(names)
        {"type" => "object", "additionalProperties" => false, "required" => @required, "properties" => @fields.to_h { |key, shape| [key, described(key, names.within(self, key, names.of(shape)))] }}
          .reject { |key, value| key == "required" && value.empty? }
      end

      private

      def described(key, schema)
        @about.key?(key) ? {**schema, "description" => @about.fetch(key)} : schema
      end
    end
  end
end
