# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A higher level that is easier than a lower one: an easier variation of its pattern, or less
      # of the same variation.
      class LevelsOutOfOrder < StationRule
        TOPIC = "levels"
        SOURCE = "standard"

        def of_station(block, station)
          station.levels.values.each_cons(2).filter_map do |lower, higher|
            reason = easier(lower, higher)
            out_of_order(block, station, lower, higher: higher, reason: reason) if reason
          end
        end

        private

        def easier(lower, higher)
          return unless lower.variation && higher.variation && lower.movement.pattern == higher.movement.pattern
          return Sparrow.say("review.name_asks_less_than_name_2", name: higher.variation.name, name_2: lower.variation.name) if demand(higher) < demand(lower)
          return unless lower.variation == higher.variation
          less(lower.reps&.max, higher.reps&.max, "reps") || less(lower.hold_s, higher.hold_s, Sparrow.say("review.seconds_held")) ||
            less(lower.own_work_s, higher.own_work_s, Sparrow.say("review.seconds_of_work"))
        end

        def demand(prescription)
          prescription.variation.demand_value
        end

        def less(lower, higher, unit)
          Sparrow.say("review.higher_unit_of_the_same_version", higher: higher, unit: unit, lower: lower) if lower && higher && higher < lower
        end

        def out_of_order(block, station, lower, higher:, reason:)
          given = @workout.document.dig("blocks", block.position, "stations", block.stations.index(station), "levels")
          finding("warn", Place.station(block, station, higher.level),
            Sparrow.say("review.level_is_easier_than_level_2", level: Level.name_of(higher.level), level_2: Level.words(lower.level)), why: reason,
            fix: [Fix.set(Sparrow.say("review.swap_the_two"), [lower.pointer, given[higher.level]], [higher.pointer, given[lower.level]]), in_order(station, given),
              Fix.set(Sparrow.say("review.give_them_the_same"), [higher.pointer, given[lower.level]])].compact)
        end

        # All three from the easiest to the hardest. What works in different ways is not compared.
        def in_order(station, given)
          cells = station.levels.values
          return unless cells.map { |cell| cell.movement&.pattern }.uniq.one?
          hardest_last = cells.sort_by.with_index { |cell, index| [cell.variation ? demand(cell) : 0, cell.reps&.max || cell.hold_s || cell.own_work_s || 0, index] }
          Fix.set(Sparrow.say("review.put_them_in_order"), *cells.zip(hardest_last).map { |cell, other| [cell.pointer, given[other.level]] })
        end
      end
    end
  end
end
