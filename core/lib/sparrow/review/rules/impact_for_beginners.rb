# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Hard landings for beginners.
      class ImpactForBeginners < StationRule
        TOPIC = "levels"
        SOURCE = "safety"

        def of_station(block, station)
          prescription = station.at("beginner")
          hard = Facts.variations_of(prescription).find { |variation| variation.impact == "high" }
          return [] unless hard && working?(block)
          [finding("warn", Place.station(block, station, "beginner"), Sparrow.say("review.beginners_land_hard", name: hard.name),
            why: Sparrow.say("review.newcomers_get_few_jumps"), fix: fix(block, station, prescription))]
        end

        private

        # The hardest of its ladder that lands softly, and no harder.
        def fix(block, station, prescription)
          return unless prescription.movement
          soft = prescription.movement.ladder.reject { |variation| variation.impact == "high" }
          same = soft.select { |variation| variation.measure == prescription.variation.measure }
          variation = [same, soft].filter_map { |versions| versions.reverse.find { |one| one.demand_value <= prescription.variation.demand_value } }.first or return
          Fix.set(Sparrow.say("review.give_beginners_name", name: variation.name), [prescription.pointer, opened(variation, block, station, level: "beginner")])
        end
      end
    end
  end
end
