# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Nothing moves: one strained hold after the other.
      class OnlyHolds < OrderRule
        TOPIC = "balance"
        SOURCE = "safety"
        LEAST_STATIONS = 4

        def findings
          held = Level::ALL.select { |level| only_held?(level) }
          return [] if held.empty?
          [finding("note", Place.workout, Sparrow.say("review.only_strained_holds", whom: whom(held)), why: Sparrow.say("review.long_holds_raise_the_pressure"), fix: -> { fixes })]
        end

        private

        def only_held?(level)
          cells = @facts.stations.filter_map { |_, station| station.at(level) }
          cells.size >= LEAST_STATIONS && cells.all? { |cell| Facts.variations_of(cell).any? && Facts.variations_of(cell).all? { |variation| variation.measure == "hold" && variation.strains.include?("straining") } }
        end

        def fixes
          fresh = NewStation.new(@facts)
          @facts.stations.last(2).reverse.flat_map do |block, station|
            fresh.movements { |movement| (@facts.groups_of(station).empty? || @facts.groups_of(station).include?(Facts::GROUP_OF[movement.pattern])) && Level::ALL.all? { |level| movement.variation_for(level).counted? } }
              .first(3).map { |movement| fresh.instead(movement, block, station) }
          end
        end
      end
    end
  end
end
