# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Half of a window for each side, on the floor, and no second to turn over.
      class TimeToTurn < OrderRule
        TOPIC = "time"
        SOURCE = "house"
        GOOD_S = 3

        def findings
          @facts.working.filter_map do |line|
            block = line.block
            next unless block.timed? && block.switch_s.zero? && block.format.block_shapes.key?("switch_s")
            turning = block.stations.select { |station| turns?(station) }
            turn(block, turning) if turning.any?
          end
        end

        private

        # One lies down on the other side; who stands shifts a foot.
        def turns?(station)
          station.levels.each_value.any? { |cell| %w[split each].include?(cell.sides) && cell.variation && cell.variation.sides == "one_sided" && cell.variation.position == "side" }
        end

        def turn(block, stations)
          finding("note", Place.block(block), Sparrow.say("review.no_second_to_change_sides", name: stations.first.name), why: Sparrow.say("review.turning_over_takes_some_seconds"),
            fix: fixes(block, stations))
        end

        # Out of the second side; where that leaves too little of it, the stations take as much longer.
        def fixes(block, stations)
          label = Sparrow.say("review.seconds_to_change_sides", seconds: GOOD_S)
          longer = stations.map { |station| ["#{station.pointer}/work_s", station.levels.each_value.map(&:work_s).max + GOOD_S * 2] }
          [Fix.set(label, ["#{block.pointer}/switch_s", GOOD_S]), Fix.set(label, ["#{block.pointer}/switch_s", GOOD_S], *longer)]
        end
      end
    end
  end
end
