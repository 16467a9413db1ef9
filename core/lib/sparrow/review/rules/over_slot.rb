# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # The class runs past the end of its slot.
      class OverSlot < Rule
        def findings
          over_s = @workout.slot_s ? @timeline.total_s - @workout.slot_s : 0
          return [] unless over_s.positive?
          [finding("warn", Place.workout, "#{ClockText.of(over_s)} over the slot of #{@workout.slot_minutes} minutes.",
            "The class takes #{ClockText.of(@timeline.total_s)}; the end is the cool-down, and it is what gets cut.", fix)]
        end

        private

        def fix
          RoundsToFit.new(@timeline).fix ||
            Fix.set("Make the slot #{minutes} minutes", ["/slot_minutes", minutes])
        end

        def minutes
          (@timeline.total_s / 60.0).ceil.clamp(5, 240)
        end
      end
    end
  end
end
