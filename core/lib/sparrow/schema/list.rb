# frozen_string_literal: true

module Sparrow
  module Schema
    # A list of one shape.
    class List
      def initialize(item, size: 0..60, distinct: false, noun: "entries")
        @item = item
        @size = size
        @distinct = distinct
        @noun = noun
      end

      def read(value, trail)
        return trail.refuse("must be a list") unless value.is_a?(Array)
        return trail.refuse("must hold at least #{@size.min} of its #{@noun}") if value.size < @size.min
        return trail.refuse("holds #{value.size} #{@noun}; at most #{@size.max} fit") if value.size > @size.max
        items = value.each_with_index.map { |item, index| trail.under(index) { @item.read(item, trail) } }
        return items unless @distinct && items.compact.uniq.size < items.compact.size
        trail.refuse("must not name the same entry twice")
      end

      def json_schema(names)
        {"type" => "array", "minItems" => @size.min, "maxItems" => @size.max, **(@distinct ? {"uniqueItems" => true} : {}), "items" => names.of(@item)}
      end
    end
  end
end
