# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A warm-up that begins with what it should prepare for.
      class WarmUpHard < StationRule
        TOPIC = "opening"
        SOURCE = "safety"

        def of_station(block, station)
          return [] unless block.role == "warm_up"
          hard = Level::ALL.select { |level| Facts.variations_of(station.at(level)).any? { |variation| variation.impact == "high" || hard?(variation) } }
          return [] if hard.empty?
          [finding("warn", Place.station(block, station), Sparrow.say("review.is_hard_for_a_warm_up", name: station.name),
            why: Sparrow.say("review.a_warm_up_goes_up_gently"), fix: fix(block, station))]
        end

        private

        # What strains even the advanced is no beginning.
        def hard?(variation)
          variation.strains.include?("straining") && variation.levels == %w[advanced]
        end

        def fix(block, station)
          fixes = []
          if station.movement && station.levels.each_value.all?(&:movement)
            easiest = station.movement.ladder.reject { |variation| variation.impact == "high" || hard?(variation) }.first
            fixes << Fix.set(Sparrow.say("review.give_everybody_name", name: easiest.name), *station.levels.each_value.map { |cell| ["#{cell.pointer}/variation", easiest.id] }) if easiest&.no_impact?
          end
          fixes << Fix.remove(Sparrow.say("review.take_name_out", name: station.name), station.pointer) if block.stations.size > 1
          fixes
        end
      end
    end
  end
end
