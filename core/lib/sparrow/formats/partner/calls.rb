# frozen_string_literal: true

module Sparrow
  module Formats
    module Partner
      # By the clock: what is next, who begins, and each change counted in. By the set only the rounds are called.
      class Calls
        def initialize(line)
          @line = line
        end

        # @return [Array<Plan::Cues::Cue>]
        def cues
          return Plan::Cues::PacedCalls.new(@line).cues unless @line.block.timed?
          @line.windows.each_with_index.flat_map { |window, index| around(window, index.zero? ? nil : @line.windows[index - 1]) }
        end

        private

        def around(window, before)
          fresh = before.nil? || [before.station, before.round] != [window.station, window.round]
          from_s = before ? before.end_s : @line.start_s
          count = [Plan::Cues::Approach::COUNT_FROM, window.start_s - from_s].min
          [
            (call(window, from_s, "next", text: Sparrow.say("formats.next_name", name: window.station.name)) if fresh),
            (call(window, window.start_s - count, "countdown", text: Plan::Cues::Approach::COUNTS.fetch(count)) if count.positive?),
            call(window, window.start_s, "go", text: Sparrow.say("formats.part_go", part: window.part)),
            *ending(window)
          ].compact
        end

        # The levels' own stops, and the change at the end of the turn.
        def ending(window)
          early = window.stops.reject { |_, at_s| at_s == window.end_s }.group_by(&:last)
          following = @line.windows[@line.windows.index(window) + 1]
          change = following && [following.station, following.round] == [window.station, window.round]
          count = [Plan::Cues::Approach::COUNT_FROM, window.seconds - 1].min
          early.map { |at_s, levels| call(window, at_s, "stop", text: Level.stop(levels.map(&:first)), levels: levels.map(&:first)) } +
            [(call(window, window.end_s - count, "countdown", text: Plan::Cues::Approach::COUNTS.fetch(count)) if count.positive?),
              change ? call(window, window.end_s, "switch", text: Sparrow.say("formats.change")) : call(window, window.end_s, "stop", text: Sparrow.say("formats.stop"))].compact
        end

        def call(window, at_s, kind, text:, levels: nil)
          Plan::Cues::Cue.new(at_s, kind, text, levels, @line.block.id, window.station.id, window.round)
        end
      end
    end
  end
end
