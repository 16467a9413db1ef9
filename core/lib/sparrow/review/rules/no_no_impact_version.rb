# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A station at which everybody must leave the floor.
      class NoNoImpactVersion < StationRule
        TOPIC = "levels"
        SOURCE = "safety"

        def of_station(block, station)
          return [] if station.movement.nil? || station.levels.each_value.any? { |prescription| prescription.variations.all?(&:no_impact?) }
          [finding("warn", Place.station(block, station), Sparrow.say("review.no_version_without_impact"),
            why: Sparrow.say("review.a_sore_knee_ankle_or_back"), fix: fix(block, station))]
        end

        private

        def fix(block, station)
          prescription = station.at("beginner")
          return unless prescription&.movement
          quiet = prescription.movement.ladder.select(&:no_impact?)
          variation = quiet.reverse.find { |candidate| candidate.demand_value <= prescription.variation.demand_value } || quiet.first
          return unless variation
          Fix.set(Sparrow.say("review.give_beginners_name", name: variation.name), [prescription.pointer, opened(variation, block, station, level: "beginner")])
        end
      end
    end
  end
end
