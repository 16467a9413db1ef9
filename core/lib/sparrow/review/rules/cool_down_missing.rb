# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # The class stops at its hardest.
      class CoolDownMissing < Rule
        def findings
          return [] if @timeline.total_s.zero? || @workout.each_station.none? || @workout.blocks.any? { |block| block.role == "cool_down" }
          block = OpeningBlock.new(@workout, @catalogue).cool_down
          [finding("note", Place.workout, Sparrow.say("review.there_is_no_cool_down"),
            why: Sparrow.say("review.a_few_quiet_minutes_let_the"),
            fix: Fix.set(Sparrow.say("review.add_a_short_cool_down"), ["/blocks/-", block]))]
        end
      end
    end
  end
end
