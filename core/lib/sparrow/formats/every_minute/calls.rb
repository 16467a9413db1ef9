# frozen_string_literal: true

module Sparrow
  module Formats
    module EveryMinute
      # Where a set starts at each minute nobody is stopped: the next start is counted in.
      class Calls < Plan::Cues::WindowCalls
        # @return [Array<Plan::Cues::Cue>]
        def cues
          @line.windows.flat_map do |window|
            last = window.equal?(@line.windows.last)
            [ten_seconds(window), countdown(window, window.end_s, nil), (call(window, window.end_s, "stop", text: Sparrow.say("formats.stop")) if last)].compact
          end
        end
      end
    end
  end
end
