# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A hold that is longer than its window: the clock ends it.
      class HoldOverrunsWindow < StationRule
        TOPIC = "numbers"
        SOURCE = "arithmetic"

        def of_station(block, station)
          each_level(station) do |prescription|
            next unless prescription.hold && block.timed? && !block.format.fixed_starts?
            window_s = block.format.stretches(block, station, prescription.level)&.min
            overrun(block, station, prescription, window_s: window_s) if window_s && prescription.hold_s > window_s
          end
        end

        private

        def overrun(block, station, prescription, window_s:)
          finding("warn", Place.station(block, station, prescription.level), Sparrow.say("review.a_hold_of_does_not_fit", hold_s: prescription.hold_s, window_s: window_s),
            why: Sparrow.say("review.the_clock_ends_it_there"), fix: Fix.set(Sparrow.say("review.hold_for_s", seconds: window_s), ["#{prescription.pointer}/hold_s", number(prescription, window_s)]))
        end
      end
    end
  end
end
