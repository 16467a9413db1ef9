# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A movement that travels, with many people or little room.
      class TravelsInACrowd < StationRule
        TOPIC = "kit"
        SOURCE = "safety"
        CROWD = 20

        def of_station(block, station)
          travelling = Level::ALL.select { |level| Facts.variations_of(station.at(level)).any? { |variation| variation.space == "travelling" } }
          return [] if travelling.empty? || !crowded?(block)
          [finding("note", Place.station(block, station), Sparrow.say("review.name_travels_and_people_come", name: station.name, people: @workout.head_count || Sparrow.say("review.many")),
            why: Sparrow.say("review.they_need_a_lane_each"), fix: -> { [own(station, travelling), *others(block, station)].compact })]
        end

        private

        # Together all travel at once; in groups one of the groups does. A small room is among the class's conditions.
        def crowded?(block)
          return false if @workout.conditions.small_room || @workout.head_count.nil?
          at_once = block.rotates? ? @workout.head_count / block.stations.size : @workout.head_count
          at_once >= CROWD
        end

        def own(station, levels)
          return unless station.movement
          nearest = levels.to_h { |level| [level, nearest(station.at(level)) { |variation| variation.space != "travelling" }] }
          return unless nearest.values.all?
          Fix.set(Sparrow.say("review.take_versions_on_the_spot"), *nearest.map { |level, variation| ["#{station.at(level).pointer}/variation", variation.id] })
        end

        def others(block, station)
          return [] unless station.movement
          fresh = NewStation.new(@facts)
          fresh.movements { |movement| movement.pattern == station.movement.pattern && Level::ALL.none? { |level| movement.variation_for(level).space == "travelling" } }
            .map { |movement| fresh.instead(movement, block, station) }
        end
      end
    end
  end
end
