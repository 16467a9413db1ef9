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
        return trail.refuse(Sparrow.say("schema.must_be_a_list")) unless value.is_a?(Array)
        return trail.refuse(Sparrow.say("schema.must_hold_at_least_min_of", min: @size.min, noun: @noun)) if value.size < @size.min
        return trail.refuse(Sparrow.say("schema.holds_amount_noun_at_most_max", amount: value.size, noun: @noun, max: @size.max)) if value.size > @size.max
        items = value.each_with_index.map { |item, index| trail.under(index) { @item.read(item, trail) } }
        return items unless @distinct && items.compact.uniq.size < items.compact.size
        trail.refuse(Sparrow.say("schema.must_not_name_the_same_entry"))
      end

      def json_schema(names)
        {"type" => "array", "minItems" => @size.min, "maxItems" => @size.max, **(@distinct ? {"uniqueItems" => true} : {}), "items" => names.of(@item)}
      end
    end
  end
end
