# frozen_string_literal: true

module Sparrow
  module Formats
    module EveryMinute
      # Where a set starts at each minute nobody is stopped: the next start is counted in, and named before.
      class Calls < Plan::Cues::WindowCalls
        private

        def within(window)
          last = window.equal?(@line.windows.last)
          count = Plan::Cues::Approach.counts(window.end_s, window.seconds - 1)
          [ten_seconds(window), (wish(window, "countdown", count) if count.any?), (wish(window, "stop", [Plan::Cues::Speech.way(window.end_s, Sparrow.say("formats.stop"))]) if last)]
        end

        # Whoever is through rests until it.
        def changed(window)
          @block.rotates? ? ["go", Sparrow.say("plan.go")] : ["go", Sparrow.say("plan.go_name", name: window.station.name), Sparrow.say("plan.go")]
        end
      end
    end
  end
end
