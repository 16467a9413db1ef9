# frozen_string_literal: true

module Sparrow
  module Formats
    module Partner
      # By the clock: what is next, who begins, and each change counted in. By the set only the rounds are called.
      class Calls < Plan::Cues::WindowCalls
        # @return [Array<Plan::Cues::Wish>]
        def wishes(before:)
          @block.timed? ? super : Plan::Cues::PacedCalls.new(@line).wishes(before: before)
        end

        private

        # Within a station the turns follow each other: only the first is announced.
        def approach(window, index)
          before = @line.windows[index - 1] if index.positive?
          return super if before.nil? || [before.station, before.round] != [window.station, window.round]
          count = Plan::Cues::Approach.counts(window.start_s, window.start_s - before.end_s)
          [wish(window, *turn(window, before)), (wish(window, "countdown", count) if count.any?)].compact
        end

        def turn(window, before)
          kind = (before.end_s == window.start_s) ? "change" : "go"
          text = (kind == "change") ? Sparrow.say("formats.change_part", part: window.part) : Sparrow.say("formats.part_go", part: window.part)
          [kind, [text, Sparrow.say("formats.change")].map { |said| Plan::Cues::Speech.way(window.start_s, said) }]
        end

        def go(window, before)
          changed = before && before.end_s == window.start_s
          changed ? ["change", Sparrow.say("plan.change_name", name: window.station.name), Sparrow.say("formats.change")] : ["go", Sparrow.say("formats.part_go", part: window.part), Sparrow.say("plan.go")]
        end

        # The levels' own stops, and the change at the end of the turn.
        def within(window)
          window.stops.group_by(&:last).flat_map do |at_s, held|
            levels = held.map(&:first) unless at_s == window.end_s
            text = levels ? Level.stop(levels) : Sparrow.say("formats.stop")
            count = Plan::Cues::Approach.counts(at_s, at_s - window.start_s - 1)
            [wish(window, "stop", [Plan::Cues::Speech.way(at_s, text)], levels: levels), (wish(window, "countdown", count, levels: levels) if count.any?)]
          end
        end
      end
    end
  end
end
