# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Everything goes forwards and back.
      class OnePlane < OrderRule
        TOPIC = "balance"
        SOURCE = "house"
        LEAST_STATIONS = 6
        SAID = {
          "sagittal" => Sparrow.say("review.all_in_one_plane_sagittal"), "frontal" => Sparrow.say("review.all_in_one_plane_frontal"), "transverse" => Sparrow.say("review.all_in_one_plane_transverse")
        }.freeze

        def findings
          return [] if @facts.stations.size < LEAST_STATIONS || @facts.one_thing?
          planes = @facts.stations.flat_map { |_, station| @facts.movements_of(station).map(&:plane) }.uniq
          return [] if planes.size > 1
          [finding("note", Place.workout, SAID.fetch(planes.first), why: Sparrow.say("review.life_goes_sideways_and_turns"), fix: -> { fixes(planes.first) })]
        end

        private

        def fixes(plane)
          fresh = NewStation.new(@facts)
          @facts.stations.reverse.flat_map do |block, station|
            group = @facts.groups_of(station)
            next [] unless group.size == 1
            fresh.movements { |movement| movement.plane != plane && Facts::GROUP_OF[movement.pattern] == group.first }.first(2).map { |movement| fresh.instead(movement, block, station) }
          end
        end
      end
    end
  end
end
