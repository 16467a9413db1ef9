# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Much of the slot is left over.
      class UnderSlot < OrderRule
        TOPIC = "time"
        SOURCE = "arithmetic"

        # House estimate: talk, questions and changes of kit take this much anyway.
        SLACK_S = 5 * 60

        def findings
          return [] if @workout.slot_s.nil? || @timeline.total_s.zero?
          left_s = @workout.slot_s - @timeline.total_s
          return [] unless left_s > SLACK_S
          [finding("note", Place.workout, Sparrow.say("review.of_of_the_slot_are_left", of: ClockText.of(left_s)),
            why: Sparrow.say("review.the_class_takes_of_of_slot_minutes", of: ClockText.of(@timeline.total_s), slot_minutes: @workout.slot_minutes),
            fix: [RoundsToFit.new(@timeline).fix, shorter_slot].compact)]
        end

        private

        def shorter_slot
          minutes = (@timeline.total_s / 60.0).ceil.clamp(5, 240)
          Fix.set(Sparrow.say("review.make_the_slot_minutes_minutes", minutes: minutes), ["/slot_minutes", minutes])
        end
      end
    end
  end
end
