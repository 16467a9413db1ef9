# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # The class runs past the end of its slot.
      class OverSlot < OrderRule
        TOPIC = "time"
        SOURCE = "arithmetic"

        def findings
          over_s = @workout.slot_s ? @timeline.total_s - @workout.slot_s : 0
          return [] unless over_s.positive?
          [finding("warn", Place.workout, Sparrow.say("review.of_over_the_slot_of_slot_minutes", of: ClockText.of(over_s), slot_minutes: @workout.slot_minutes),
            why: Sparrow.say("review.the_class_takes_of_the_end", of: ClockText.of(@timeline.total_s)), fix: fix)]
        end

        private

        def shorter
          Planning::FitToSlot.new(@workout, minutes: @workout.slot_minutes, catalogue: @catalogue).call.fetch("options").map { |option| Fix.new(label: option["label"], patch: option["patch"]) }
        end

        def fix
          -> { [RoundsToFit.new(@timeline).fix, *shorter, Fix.set(Sparrow.say("review.make_the_slot_minutes_minutes", minutes: minutes), ["/slot_minutes", minutes])].compact }
        end

        def minutes
          (@timeline.total_s / 60.0).ceil.clamp(5, 240)
        end
      end
    end
  end
end
