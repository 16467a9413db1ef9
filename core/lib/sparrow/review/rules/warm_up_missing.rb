# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Work begins cold.
      class WarmUpMissing < Rule
        def findings
          return [] if @timeline.total_s.zero? || @workout.each_station.none? || @workout.blocks.any? { |block| block.role == "warm_up" }
          block = OpeningBlock.new(@workout, @catalogue).warm_up
          [finding("warn", Place.workout, Sparrow.say("review.there_is_no_warm_up"),
            why: Sparrow.say("review.joints_and_pulse_go_from_nothing"),
            fix: Fix.set(Sparrow.say("review.add_a_short_warm_up"), ["/blocks/0", block]))]
        end
      end
    end
  end
end
