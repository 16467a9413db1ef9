# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A minute of which nothing is left to breathe.
      class MinuteNearlyFull < StationRule
        TOPIC = "numbers"
        SOURCE = "house"
        LEAST_S = 8

        def of_station(block, station)
          return [] unless block.format.fixed_starts?
          each_level(station) do |prescription|
            left_s = block.interval_s - prescription.set_s
            nearly_full(block, station, prescription, left_s: left_s) if left_s >= 0 && left_s < LEAST_S && (prescription.reps || prescription.hold) && !prescription.own_work_s
          end
        end

        private

        def nearly_full(block, station, prescription, left_s:)
          finding("note", Place.station(block, station, prescription.level), Sparrow.say("review.so_much_of_it_is_left", left_s: left_s, interval_s: block.interval_s),
            why: Sparrow.say("review.the_first_slow_set_falls_behind"), fix: fix(block, station, prescription))
        end

        def fix(block, station, prescription)
          most = Planning::Solve::Cell.new(block, station, prescription).most(block.interval_s - LEAST_S)
          Fix.set(Sparrow.say("review.ask_for_most", most: most), ["#{prescription.pointer}/#{prescription.reps ? "reps" : "hold_s"}", number(prescription, most)]) if most&.positive?
        end
      end
    end
  end
end
