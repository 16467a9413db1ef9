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
            next unless line.lanes.each_value.any? { |segments| segments.any? { |segment| segment.kind == "rest" && segment.seconds > MOST_S } }
            typed = typed(line.block)
            too_long(line.block, typed) if typed.any?
          end
        end

        private

        # @return [Hash{String => Integer}] each place where so long a rest was typed, with its seconds
        def typed(block)
          input = @workout.document.fetch("blocks")[block.position]
          holders = {block.pointer => input}
          input["stations"].each_with_index do |station, index|
            holders[pointer = "#{block.pointer}/stations/#{index}"] = station
            station["levels"].each { |level, held| holders["#{pointer}/levels/#{level}"] = held }
          end
          holders.flat_map { |pointer, held| KEYS.map { |key| ["#{pointer}/#{key}", Plan::ByRound.numbers(held[key]).max || 0] } }.to_h.select { |_, seconds| seconds > MOST_S }
        end

        def too_long(block, typed)
          finding("note", Place.block(block), Sparrow.say("review.a_rest_of", of: ClockText.of(typed.each_value.max)), why: Sparrow.say("review.people_get_cold_in_it"),
            fix: Fix.set(Sparrow.say("review.rest_s", seconds: GOOD_S), *typed.each_key.map { |pointer| [pointer, GOOD_S] }))
        end
      end
    end
  end
end
