# frozen_string_literal: true

module Sparrow
  # Small readers for JSON that say what is wrong in words and where by
  # pointer. Each shape answers +read(value, trail)+ with the value in its
  # normal form (nulls dropped, 3.0 as 3); what it cannot take it reports to the
  # trail. Each also answers +json_schema(names)+, from which the published schema
  # is made: validating by that costs more than the whole compile of a class, so
  # it is not what reads, and a spec holds the two against each other (docs/decisions/0003).
  module Schema
    # Reads +value+ by +shape+.
    # @return [Object] the value in its normal form
    # @raise [Refused] with every problem found
    def self.read(shape, value)
      trail = ErrorCollector.new
      result = shape.read(value, trail)
      Refused.where(trail.problems)
      result
    end
  end
end
