# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Down to the floor, or up from it, with no time for the way.
      class TimeToMove < Rule
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
          return [Fix.set(Sparrow.say("review.rest_s", seconds: seconds), ["#{block.pointer}/rest_s", seconds])] unless pairs.any? { |one, _| one.levels.each_value.any? { |cell| cell.rest_s != block.rest_s } }
          keys = pairs.map(&:first).uniq(&:pointer).flat_map { |station| [["#{station.pointer}/rest_s", seconds], *Level::ALL.select { |level| typed(block, station, level) }.map { |level| ["#{station.at(level).pointer}/rest_s", seconds] }] }
          [Fix.set(Sparrow.say("review.rest_s", seconds: seconds), *keys)]
        end

        def typed(block, station, level)
          @workout.document.dig("blocks", block.position, "stations", block.stations.index(station), "levels", level, "rest_s")
        end
      end
    end
  end
end
