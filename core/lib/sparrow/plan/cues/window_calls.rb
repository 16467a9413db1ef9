# frozen_string_literal: true

module Sparrow
  module Plan
    module Cues
      # What is called inside a window: halfway, switch sides, ten seconds, and
      # 3-2-1 to each level's own stop.
      class WindowCalls
        HALFWAY_FROM_S = 40
        TEN_SECONDS_FROM_S = 20

        def initialize(line)
          @line = line
        end

        # @return [Array<Cue>]
        def cues
          @line.windows.each_with_object([]) do |window, calls|
            calls.push(halfway(window), switch(window), ten_seconds(window))
            stops(window, calls)
          end.compact
        end

        private

        def halfway(window)
          return if window.seconds < HALFWAY_FROM_S || window.switch_s
          call(window, window.start_s + (window.seconds / 2), "halfway", text: Sparrow.say("plan.halfway"))
        end

        def switch(window)
          at_s = window.switch_s || (window.end_s if window.part == "first")
          call(window, at_s, "switch", text: Sparrow.say("plan.switch_sides")) if at_s
        end

        def ten_seconds(window)
          return if window.seconds < TEN_SECONDS_FROM_S
          call(window, window.end_s - 10, "ten_seconds", text: Sparrow.say("plan.ten_seconds"))
        end

        def stops(window, calls)
          return calls.push(stop(window, window.end_s, nil), countdown(window, window.end_s, nil)) if together?(window)
          by_instant(window).each do |at_s, levels|
            whom = (levels.size == window.prescriptions.size) ? nil : levels
            calls.push(stop(window, at_s, whom), countdown(window, at_s, whom))
          end
        end

        # One stop for everybody, at the end: the usual window.
        def together?(window)
          window.switch_s.nil? && window.stops.each_value.all?(window.end_s)
        end

        # Where a window is halved, a lane that stops early stops in each half.
        def by_instant(window)
          instants = Hash.new { |hash, at_s| hash[at_s] = [] }
          window.stops.each { |level, at_s| instants[at_s] << level }
          return instants unless window.switch_s
          window.prescriptions.each do |level, prescription|
            early = window.start_s + ((prescription.stop_s + 1) / 2)
            instants[early] << level if prescription.sides == "split" && early < window.switch_s
          end
          instants
        end

        def stop(window, at_s, levels)
          call(window, at_s, "stop", text: levels ? Level.stop(levels) : Sparrow.say("plan.stop"), levels: levels)
        end

        def countdown(window, stop_s, levels)
          count = [Approach::COUNT_FROM, stop_s - window.start_s - 1].min
          call(window, stop_s - count, "countdown", text: Approach::COUNTS.fetch(count), levels: levels) if count.positive?
        end

        def call(window, at_s, kind, text:, levels: nil)
          Cue.new(at_s, kind, text, levels, window.block.id, window.station.id, window.round)
        end
      end
    end
  end
end
