# frozen_string_literal: true

module Sparrow
  module Plan
    module Cues
      # A drink is called in a long rest between rounds.
      class Breaks
        FROM_S = 30

        def initialize(line)
          @line = line
        end

        # @return [Array<Cue>]
        def cues
          @line.windows.each_cons(2).filter_map do |window, following|
            next if following.round == window.round || following.start_s - window.end_s < FROM_S
            Cue.new(window.end_s, "drink", Sparrow.say("plan.drink"), nil, window.block.id, window.station.id, window.round)
          end
        end
      end
    end
  end
end
