# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A one-sided variation with nothing that brings in the other side.
      class OneSideOnly < StationRule
        def of_station(block, station)
          each_level(station) do |prescription|
            next unless prescription.variation&.sides == "one_sided" && one_side?(block, prescription)
            finding("warn", Place.station(block, station, prescription.level), Sparrow.say("review.only_one_side_is_worked"),
              why: Sparrow.say("review.name_works_a_side_at_a", name: prescription.variation.name), fix: fix(block, station))
          end
        end

        private

        # A number for each side brings in both; a window for both does not.
        def one_side?(block, prescription)
          return prescription.counting.rule == "each" unless block.format.work_windows?
          prescription.sides == "both" && !(prescription.reps && prescription.counting.rule != "each")
        end

        def fix(block, station)
          return Fix.set(Sparrow.say("review.count_for_each_side"), ["#{station.pointer}/counting", "per_side"]) unless block.format.work_windows?
          Fix.set(Sparrow.say("review.half_the_window_a_side"), ["#{station.pointer}/sides", "split"])
        end
      end
    end
  end
end
