# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A one-sided variation with nothing that brings in the other side.
      class OneSideOnly < StationRule
        TOPIC = "numbers"
        SOURCE = "standard"

        def of_station(block, station)
          one = station.levels.each_value.select { |cell| cell.variation&.sides == "one_sided" && one_side?(block, cell) }
          return [] if one.empty?
          [finding("warn", Place.station(block, station), Sparrow.say("review.only_one_side_is_worked"),
            why: Sparrow.say("review.name_works_a_side_at_a", name: one.first.variation.name), fix: fixes(block, station, one))]
        end

        private

        # A number for each side brings in both; a window for both does not.
        def one_side?(block, prescription)
          return prescription.counting.rule == "each" unless block.format.work_windows?
          prescription.sides == "both" && !(prescription.reps && prescription.counting.rule != "each")
        end

        # Halves, with a few seconds to turn over; a window a side where half of it is too short.
        def fixes(block, station, cells)
          return Fix.set(Sparrow.say("review.count_for_each_side"), ["#{station.pointer}/counting", "per_side"], *cells.select { |cell| typed?(block, station, cell) }.map { |cell| ["#{cell.pointer}/counting", "per_side"] }) unless block.format.work_windows?
          turning = (block.format.block_shapes.key?("switch_s") && block.switch_s.zero?) ? [["#{block.pointer}/switch_s", TimeToTurn::GOOD_S]] : []
          halves = [Sparrow.say("review.half_the_window_a_side"), "split"]
          whole = [Sparrow.say("review.a_window_a_side"), "each"]
          [[halves, []], [halves, turning], [whole, []], [whole, turning]].uniq.map { |(label, sides), more| Fix.set(label, ["#{station.pointer}/sides", sides], *more) }
        end

        # A level's own counting stands before the station's.
        def typed?(block, station, cell)
          @workout.document.dig("blocks", block.position, "stations", block.stations.index(station), "levels", cell.level, "counting")
        end
      end
    end
  end
end
