# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A station that is to come in rounds that there are not.
      class BeyondRounds < StationRule
        TOPIC = "plan"
        SOURCE = "arithmetic"

        def of_station(block, station)
          beyond = (station.in_rounds || []).select { |round| round > block.round_count }
          return [] if beyond.empty?
          [finding("stop", Place.station(block, station), Sparrow.say("review.is_in_round_of_rounds", round: beyond.max, rounds: Sparrow.say("common.rounds", count: block.round_count)),
            why: Sparrow.say("review.it_would_never_come"), fix: fix(block, station, beyond))]
        end

        private

        def fix(block, station, beyond)
          left = station.in_rounds - beyond
          return Fix.set(Sparrow.say("review.only_in_the_rounds_there_are"), ["#{station.pointer}/in_rounds", left]) if left.any?
          Fix.remove(Sparrow.say("review.in_every_round"), "#{station.pointer}/in_rounds")
        end
      end
    end
  end
end
