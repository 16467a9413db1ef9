# frozen_string_literal: true

module Sparrow
  module Schema
    # An object of one shape, or anything else of another: a range or a plain number.
    class Either
      # @param object [#read]
      # @param otherwise [#read]
      def initialize(object, otherwise)
        @object = object
        @otherwise = otherwise
      end

      def read(value, trail)
        (value.is_a?(Hash) ? @object : @otherwise).read(value, trail)
      end

      def json_schema(names)
        names.either(@object, @otherwise)
      end
    end
  end
end
