# frozen_string_literal: true

module Sparrow
  module Formats
    module Pause
      # Its name, and a drink where there is time for one.
      class Calls
        # Said a little after the work before has ended.
        SPAN_S = 6

        # @param line [Plan::BlockLine]
        def initialize(line)
          @line = line
        end

        # @return [Array<Plan::Cues::Wish>]
        def wishes(**)
          block = @line.block
          [wish("block", block.name, 0), (wish("drink", Sparrow.say("formats.drink"), block.get_ready_s + 2) if block.seconds >= Plan::Cues::Breaks::FROM_S)].compact
        end

        private

        def wish(kind, text, after_s)
          from_s = @line.start_s + after_s
          ways = Plan::Cues::Speech.ways(from_s..(from_s + SPAN_S), text).select { |way| way.at_s + way.says_s <= @line.end_s }
          Plan::Cues::Wish.new(kind, ways.empty? ? [Plan::Cues::Speech.way(from_s, text)] : ways, nil, @line.block.id)
        end
      end
    end
  end
end
