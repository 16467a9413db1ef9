# frozen_string_literal: true

module Sparrow
  # A frozen record with named fields that compares by what it holds. Ruby 3.1
  # has no Data class; this is the smallest thing that behaves like one.
  module Value
    # @param members [Array<Symbol>] field names; fields left out are nil
    # @return [Class] a Struct class whose instances are frozen when made
    def self.of(*members, &block)
      Struct.new(*members, keyword_init: true) do
        def initialize(**fields)
          super
          freeze
        end

        # @return [self] a copy with some fields changed
        def with(**changes)
          self.class.new(**members.zip(values).to_h, **changes)
        end

        class_eval(&block) if block
      end
    end
  end
end
