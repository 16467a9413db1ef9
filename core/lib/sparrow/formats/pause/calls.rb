# frozen_string_literal: true

module Sparrow
  module Formats
    module Pause
      # A drink, where there is time for one.
      class Calls
        # @param line [Plan::BlockLine]
        def initialize(line)
          @line = line
        end

        # @return [Array<Plan::Cues::Cue>]
        def cues
          block = @line.block
          return [] if block.seconds < Plan::Cues::Breaks::FROM_S
          [Plan::Cues::Cue.new(@line.start_s + block.get_ready_s, "drink", Sparrow.say("formats.drink"), nil, block.id)]
        end
      end
    end
  end
end
