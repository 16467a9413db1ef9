# frozen_string_literal: true

module Sparrow
  module Schema
    # A string of a length, and of a form where one is given.
    class Text
      # @param form [Regexp, nil] what it must match; +says+ explains that form
      def initialize(length: 0..120, form: nil, says: nil)
        @length = length
        @form = form
        @says = says
      end

      def read(value, trail)
        return trail.refuse(Sparrow.say("schema.must_be_text")) unless value.is_a?(String)
        return trail.refuse(Sparrow.say("schema.must_not_be_empty")) if value.empty? && @length.min.positive?
        return trail.refuse(Sparrow.say("schema.must_be_at_least_min_characters", min: @length.min)) if value.length < @length.min
        return trail.refuse(Sparrow.say("schema.must_be_at_most_max_characters", max: @length.max)) if value.length > @length.max
        return trail.refuse(Sparrow.say("schema.must_not_contain_a_null_character")) if value.include?("\u0000")
        return trail.refuse(@says) if @form && !@form.match?(value)
        value
      end

      # \A and \z stand for the whole text here, ^ and $ do there.
      def json_schema(_names)
        pattern = @form && {"pattern" => @form.source.gsub("\\A", "^").gsub("\\z", "$")}
        {"type" => "string", "minLength" => @length.min, "maxLength" => @length.max, **(pattern || {})}
      end
    end
  end
end
