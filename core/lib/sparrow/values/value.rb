# frozen_string_literal: true

module Sparrow
  # A frozen record with named fields that compares by what it holds. Ruby 3.1
  # has no Data class; this is the smallest thing that behaves like one.
  module Value
    # The same with its fields by position, for the small rows of which a plan makes thousands.
    # @param members [Array<Symbol>] field names; those left out at the end are nil
    # @return [Class] a Struct class whose instances are frozen when made
    def self.row(*members, &methods)
      Struct.new(*members) do
        class_eval(<<~RUBY, __FILE__, __LINE__ + 1)
          def initialize(#{members.map { |member| "#{member} = nil" }.join(", ")})
            super(#{members.join(", ")})
            freeze
          end
        RUBY
        class_eval(&methods) if methods
      end
    end

    # @param members [Array<Symbol>] field names; fields left out are nil
    # @return [Class] a Struct class whose instances are frozen when made
    def self.of(*members)
      Struct.new(*members) do
        # Written out so that Ruby passes the fields without a hash between:
        # a plan makes thousands of these at every keystroke.
        class_eval(<<~RUBY, __FILE__, __LINE__ + 1)
          def initialize(#{members.map { |member| "#{member}: nil" }.join(", ")})
            super(#{members.join(", ")})
            freeze
          end

          # @return [self] a copy with some fields changed
          def with(#{members.map { |member| "#{member}: self.#{member}" }.join(", ")})
            self.class.new(#{members.map { |member| "#{member}: #{member}" }.join(", ")})
          end
        RUBY
      end
    end
  end
end
