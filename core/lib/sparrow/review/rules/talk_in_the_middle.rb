# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A long pause between two parts that work.
      class TalkInTheMiddle < OrderRule
        TOPIC = "time"
        SOURCE = "house"
        MOST_S = 300
        GOOD_S = 120

        def findings
          blocks = @workout.blocks
          moving = blocks.each_index.select { |index| blocks[index].stations.any? }
          return [] if moving.empty?
          (moving.first..moving.last).filter_map { |index| long(blocks[index]) if blocks[index].role == "pause" && blocks[index].seconds.to_i > MOST_S }
        end

        private

        def long(block)
          finding("note", Place.block(block), Sparrow.say("review.everybody_stands_for", of: ClockText.of(block.seconds)), why: Sparrow.say("review.warm_joints_are_cold_again"),
            fix: Fix.set(Sparrow.say("review.make_it_of", of: ClockText.of(GOOD_S)), ["#{block.pointer}/seconds", GOOD_S]))
        end
      end
    end
  end
end
