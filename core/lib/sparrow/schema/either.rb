# frozen_string_literal: true

module Sparrow
  module Schema
    # One shape, and another where an object or a list stands in its place: a plain number, a range, a number a round.
    class Either
      # @param plain [#read]
      # @param object [#read, nil]
      # @param list [#read, nil]
      def initialize(plain, object: nil, list: nil)
        @plain = plain
        @object = object
        @list = list
      end

      def read(value, trail)
        shape = case value
        when Hash then @object
        when Array then @list
        end
        (shape || @plain).read(value, trail)
      end

      def json_schema(names)
        names.either(@plain, {"object" => @object, "array" => @list}.compact)
      end
    end
  end
end
