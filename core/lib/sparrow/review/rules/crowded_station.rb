# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Groups that are larger than a station holds.
      class CrowdedStation < OrderRule
        TOPIC = "kit"
        SOURCE = "house"
        # So many people find room at a station.
        MOST = 6

        def findings
          return [] unless @workout.head_count
          @workout.blocks.select(&:rotates?).filter_map do |block|
            in_a_group = (@workout.head_count / block.stations.size.to_f).ceil
            crowded(block, in_a_group) if in_a_group > MOST
          end
        end

        private

        def crowded(block, in_a_group)
          finding("note", Place.block(block), Sparrow.say("review.people_stand_at_one_station", people: in_a_group, stations: block.stations.size), why: Sparrow.say("review.more_stations_or_all_together"),
            fix: Fix.set(Sparrow.say("review.all_at_one_station_together"), ["#{block.pointer}/flow", "together"]))
        end
      end
    end
  end
end
