# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A block without stations takes no time and says nothing.
      class EmptyBlock < OrderRule
        TOPIC = "plan"
        SOURCE = "arithmetic"

        def findings
          return [] unless @workout.each_station.any?
          @workout.blocks.select { |block| block.format.stations? && block.stations.empty? }.map do |block|
            finding("note", Place.block(block), Sparrow.say("review.this_block_has_no_station"),
              why: Sparrow.say("review.it_is_announced_and_then_skipped"), fix: Fix.remove(Sparrow.say("review.remove_the_empty_block"), block.pointer))
          end
        end
      end
    end
  end
end
