# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A set that is still going when the next one starts: there is no rest, and
      # the lane falls behind for good.
      class SetOverrunsMinute < StationRule
        TOPIC = "numbers"
        SOURCE = "arithmetic"

        def of_station(block, station)
          each_level(station) do |prescription|
            next unless block.format.fixed_starts? && prescription.set_s > block.interval_s
            finding("warn", Place.station(block, station, prescription.level), Sparrow.say("review.the_set_takes_set_s_s_of", set_s: prescription.set_s, interval_s: block.interval_s),
              why: Sparrow.say("review.the_next_start_comes_before_it"), fix: fix(block, station, prescription))
          end
        end

        private

        # The house's fill of the interval; where not one rep has time, a longer interval.
        def fix(block, station, prescription)
          most = Planning::Solve::Cell.new(block, station, prescription).most([block.interval_s * @workout.house.fill / 100, block.interval_s - MinuteNearlyFull::LEAST_S].min)
          return Fix.set(Sparrow.say("review.start_every_set_s_s", set_s: prescription.set_s), ["#{block.pointer}/interval_s", prescription.set_s.clamp(10, 600)]) if most.nil? || most < 1
          Fix.set(Sparrow.say("review.ask_for_most", most: most), ["#{prescription.pointer}/#{prescription.reps ? "reps" : "hold_s"}", number(prescription, most)])
        end
      end
    end
  end
end
