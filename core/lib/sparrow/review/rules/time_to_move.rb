# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Down to the floor, or up from it, with no time for the way.
      class TimeToMove < OrderRule
        TOPIC = "time"
        SOURCE = "house"
        # A rest at whose end there is no way to go; less than this is none.
        SHORT_S = 5

        def findings
          @facts.working.select { |line| line.block.timed? }.filter_map do |line|
            pairs = Level::ALL.flat_map { |level| short(line, level) }.uniq { |one, other| [one.pointer, other.pointer] }
            tight(line.block, pairs) if pairs.any?
          end
        end

        private

        # Whoever stops early has the rest of the window for the way.
        # @return [Array<Array(Plan::Station, Plan::Station)>] between which there is no time to get down or up
        def short(line, level)
          line.visits.fetch(level, []).each_cons(2).filter_map do |one, other|
            next if one.station.equal?(other.station) || one.prescription.ends_up? == other.prescription.starts_up?
            gap = other.start_s - one.start_s - one.work_s
            [one.station, other.station] if gap < SHORT_S
          end
        end

        def tight(block, pairs)
          one, other = pairs.first
          seconds = @workout.house.position_change_s
          what = (pairs.size == 1) ? Sparrow.say("review.there_is_no_time_from_to", one: one.name, other: other.name) : Sparrow.say("review.there_is_no_time_from_to_and_more", one: one.name, other: other.name, count: pairs.size - 1)
          finding("note", Place.block(block), what, why: Sparrow.say("review.the_way_down_takes_about", seconds: seconds), fix: fixes(block, pairs, seconds))
        end

        def fixes(block, pairs, seconds)
          stations = pairs.map(&:first).uniq(&:pointer)
          return [Fix.set(Sparrow.say("review.rest_s", seconds: seconds), ["#{block.pointer}/rest_s", seconds])] unless stations.any? { |station| own?(block, station) }
          [Fix.set(Sparrow.say("review.rest_s", seconds: seconds), *stations.flat_map { |station| rest_at(block, station, seconds) })]
        end

        # For the station, and for each level that has a rest of its own; a ratio would stand before it.
        def rest_at(block, station, seconds)
          input = typed(block, station)
          own = station.levels.each_value.to_h { |cell| [cell.pointer, input.dig("levels", cell.level)] }.select { |_, held| held["rest_s"] || held["rest_ratio"] }
          {station.pointer => input, **own}.flat_map do |pointer, held|
            [["#{pointer}/rest_s", seconds], *([["#{pointer}/rest_ratio", nil]] if held["rest_ratio"])]
          end
        end

        # Where the rest is not the block's own number: the station's, a level's, or what its school or its work makes of it.
        def own?(block, station)
          rest = @workout.document.dig("blocks", block.position, "rest_s")
          station.levels.each_value.any? { |cell| (1..block.round_count).any? { |round| cell.rest_in(round) != (rest || 0) } }
        end

        def typed(block, station)
          @workout.document.dig("blocks", block.position, "stations", block.stations.index(station))
        end
      end
    end
  end
end
