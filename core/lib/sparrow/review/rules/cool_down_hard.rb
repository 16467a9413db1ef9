# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Work that raises the pulse again where it should come down.
      class CoolDownHard < StationRule
        TOPIC = "opening"
        SOURCE = "house"
        CALM = %w[stretch mobility].freeze

        def of_station(block, station)
          return [] unless block.role == "cool_down"
          hard = Level::ALL.any? { |level| Facts.variations_of(station.at(level)).any? { |variation| variation.impact == "high" || jumped?(variation) || variation.strains.include?("straining") } }
          return [] unless hard
          [finding("warn", Place.station(block, station), Sparrow.say("review.is_hard_for_a_cool_down", name: station.name),
            why: Sparrow.say("review.breath_and_pulse_are_to_come_down"), fix: -> { fixes(block, station) })]
        end

        private

        def jumped?(variation)
          variation.pattern == "jump" && !variation.no_impact?
        end

        def fixes(block, station)
          used = block.stations.map { |other| other.movement&.id }
          stretches = @catalogue.select { |movement| movement.role == "cool_down" && movement.pattern == "stretch" && !used.include?(movement.id) && (movement.variation_for("beginner").pieces - NewStation::FLOOR).empty? }
          instead = stretches.first(2).map { |movement| NewStation.new(@facts).instead(movement, block, station) }
          (block.stations.size > 1) ? [*instead, Fix.remove(Sparrow.say("review.take_name_out", name: station.name), station.pointer)] : instead
        end
      end
    end
  end
end
