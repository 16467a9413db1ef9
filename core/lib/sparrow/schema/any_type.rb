# frozen_string_literal: true

module Sparrow
  module Schema
    # Whatever it is; somebody else reads it.
    class AnyType
      # @param of [String, nil] the component of the API's description that says what it is
      def initialize(of = nil)
        @of = of && Elsewhere.new(name: of)
      end

      def read(value, _trail)
        value
      end

      def json_schema(names)
        @of ? @of.json_schema(names) : {}
      end
    end
  end
end
