# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A rest in which everybody gets cold.
      class RestTooLong < OrderRule
        TOPIC = "time"
        SOURCE = "house"
        MOST_S = 240
        GOOD_S = 120
        KEYS = %w[round_rest_s rest_s set_rest_s].freeze

        def findings
          @facts.working.filter_map do |line|
            keys = KEYS.select { |key| (seconds(line.block, key) || 0) > MOST_S }
            too_long(line.block, keys) if keys.any? && line.lanes.each_value.any? { |segments| segments.any? { |segment| segment.kind == "rest" && segment.seconds > MOST_S } }
          end
        end

        private

        def seconds(block, key)
          Plan::ByRound.numbers(@workout.document.fetch("blocks")[block.position][key]).max
        end

        def too_long(block, keys)
          finding("note", Place.block(block), Sparrow.say("review.a_rest_of", of: ClockText.of(keys.map { |key| seconds(block, key) }.max)), why: Sparrow.say("review.people_get_cold_in_it"),
            fix: Fix.set(Sparrow.say("review.rest_s", seconds: GOOD_S), *keys.map { |key| ["#{block.pointer}/#{key}", GOOD_S] }))
        end
      end
    end
  end
end
