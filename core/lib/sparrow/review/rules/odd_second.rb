# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Halves of an odd window: one side gets a second more in every round.
      class OddSecond < StationRule
        TOPIC = "numbers"
        SOURCE = "house"
        LEAST_ROUNDS = 2

        def of_station(block, station)
          return [] unless working?(block) && block.timed? && block.round_count >= LEAST_ROUNDS
          odd = station.levels.select { |_, cell| cell.sides == "split" && cell.stop_s.odd? && !cell.by_round? && cell.variation && cell.variation.sides == "one_sided" }.keys
          return [] if odd.empty?
          [finding("note", Place.station(block, station), Sparrow.say("review.an_odd_second_for_one_side", seconds: station.at(odd.first).stop_s),
            why: Sparrow.say("review.the_first_side_gets_it_each_time"), fix: fix(station, odd))]
        end

        private

        def fix(station, odd)
          pairs = odd.map { |level| station.at(level) }.map { |cell| ["#{cell.pointer}/work_s", cell.stop_s - 1] }
          Fix.set(Sparrow.say("review.make_it_seconds", seconds: pairs.first.last), *pairs) if pairs.all? { |_, seconds| seconds.positive? }
        end
      end
    end
  end
end
