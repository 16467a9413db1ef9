# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Twenty minutes in which a level never stands still.
      class LongWithoutRest < OrderRule
        TOPIC = "time"
        SOURCE = "house"
        MOST_S = 1200
        # So short a break is none.
        BREAK_S = 15
        BREAKS = %w[rest waiting pause done ready].freeze
        REST_S = 60
        SHORTER_S = [60, 40, 20].freeze

        def findings
          long = Level::ALL.to_h { |level| [level, longest(level)] }.select { |_, (seconds, _)| seconds > MOST_S }
          return [] if long.empty?
          seconds, line = long.values.max_by(&:first)
          [finding("warn", Place.block(line.block), Sparrow.say("review.works_so_long_without_rest", whom: whom(long.keys), of: ClockText.of(seconds)),
            why: Sparrow.say("review.nobody_keeps_the_standard_so_long"), fix: fixes)]
        end

        private

        # @return [Array(Integer, Plan::BlockLine)] seconds, and where they end
        def longest(level)
          best = [0, nil]
          seconds = 0
          @timeline.blocks.each do |line|
            line.lanes.fetch(level).each do |segment|
              next seconds = 0 if BREAKS.include?(segment.kind) && segment.seconds >= BREAK_S
              seconds += segment.seconds
              best = [seconds, line] if seconds > best.first && segment.kind == "work"
            end
          end
          best
        end

        # In the longest block between its rounds, or before it.
        def fixes
          block = @facts.working.max_by(&:total_s)&.block or return []
          between = block.format.block_shapes.key?("round_rest_s") && block.round_count > 1
          rounds = between ? SHORTER_S.map { |seconds| Fix.set(Sparrow.say("review.rest_s_after_each_round", seconds: seconds), ["#{block.pointer}/round_rest_s", seconds]) } : []
          pause = {"id" => Planning::Suggest.free("water", @workout.blocks.map(&:id)), "role" => "pause", "format" => "pause", "title" => Sparrow.say("review.water").to_s, "seconds" => REST_S}
          [*rounds, Fix.new(label: Sparrow.say("review.a_minute_for_water_before", block: block.name), patch: [{"op" => "add", "path" => block.pointer, "value" => pause}])]
        end
      end
    end
  end
end
