# frozen_string_literal: true

require "date"

module Sparrow
  module Schema
    # A calendar day as “2026-11-24”, kept as text.
    class Day
      FORM = /\A\d{4}-\d{2}-\d{2}\z/
      EARLIEST = 1900
      LATEST = 2100

      def read(value, trail)
        return value if value.is_a?(String) && FORM.match?(value) && Date.valid_date?(*value.split("-").map(&:to_i)) && value.to_i.between?(EARLIEST, LATEST)
        trail.refuse(Sparrow.say("schema.must_be_a_day_such_as"))
      end

      def json_schema(_names)
        {"type" => "string", "format" => "date"}
      end
    end
  end
end
