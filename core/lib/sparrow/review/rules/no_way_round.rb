# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A movement with nothing for who must spare a joint.
      class NoWayRound < StationRule
        TOPIC = "levels"
        SOURCE = "safety"

        def of_station(block, station)
          return [] unless station.movement && working?(block)
          missing = Catalogue::Movement::SPARED.reject { |joint| way?(station, joint) }
          return [] if missing.empty?
          [finding("note", Place.station(block, station), Sparrow.say("review.nothing_for_a_sore", joints: Planning::Suggest.list(missing)),
            why: Sparrow.say("review.somebody_would_sit_it_out"), fix: -> { fixes(station, missing) })]
        end

        private

        def way?(station, joint)
          station.alternatives.key?(joint) || @facts.movements_of(station).any? { |movement| movement.spares&.fetch(joint, nil) || movement.ladder.any? { |variation| !variation.joints.include?(joint) } }
        end

        # For each joint the easiest version of another ladder that works most of the same.
        def fixes(station, missing)
          ways = Catalogue::Alternatives.of(station.movement, @catalogue)
          more = missing.map do |joint|
            way = ways.reverse.find { |alternative| !alternative.variation.joints.include?(joint) && alternative.variation.no_impact? } or return []
            {"for" => joint, "variation" => way.variation.id}
          end
          kept = station.alternatives.map { |joint, variation| {"for" => joint, "variation" => variation.id} }
          [Fix.set(Sparrow.say("review.put_others_beside_it"), ["#{station.pointer}/alternatives", kept + more])]
        end
      end
    end
  end
end
