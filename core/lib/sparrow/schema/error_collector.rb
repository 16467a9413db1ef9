# frozen_string_literal: true

module Sparrow
  module Schema
    # The keys walked to reach the value being read, and the problems met.
    class ErrorCollector
      attr_reader :problems

      def initialize
        @keys = []
        @problems = []
      end

      # Reads what lies under +key+.
      def under(key)
        @keys.push(key)
        yield
      ensure
        @keys.pop
      end

      # Notes a problem here, or at +key+ below here. The value is then nil.
      def refuse(message, key = nil)
        keys = key.nil? ? @keys : [*@keys, key]
        @problems << Problem.new(pointer: Pointer.of(keys), message: message)
        nil
      end
    end
  end
end
