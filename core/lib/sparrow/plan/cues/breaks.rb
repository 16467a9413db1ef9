# frozen_string_literal: true

module Sparrow
  module Plan
    module Cues
      # A drink is called in a long rest between rounds, as far as it lies before the end of the block.
      class Breaks
        FROM_S = 30

        # @param line [BlockLine]
        # @return [Array<Wish>]
        def self.wishes(line)
          stretches = line.windows.any? ? line.windows : (line.gates || [])
          stretches.each_cons(2).filter_map do |held, following|
            next if following.round == held.round || [following.start_s, line.end_s].min - held.end_s < FROM_S
            Wish.new("drink", Speech.ways((held.end_s + 1)..(held.end_s + 8), Sparrow.say("plan.drink")), nil, line.block.id, held.station&.id, held.round)
          end
        end
      end
    end
  end
end
