# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A number that the level's house profile would not complete in its worst
      # round. An estimate for a level, not for anybody.
      class BreaksInLastRound < Rule
        TOPIC = "numbers"
        SOURCE = "model"

        def findings
          each_cell.filter_map do |block, station, prescription|
            point = @capacity.worst(prescription)
            breaks(block, station, prescription, point: point) if point && !point.keeps?(0)
          end
        end

        private

        def breaks(block, station, prescription, point:)
          unit = Sparrow.word(point.by_time ? "seconds" : "reps")
          finding("warn", Place.station(block, station, prescription.level),
            Sparrow.say("review.somebody_would_not_complete_this_in", somebody: Level.somebody(prescription.level), point: point.round),
            why: Sparrow.say("review.about_amount_unit_are_left_in", amount: format("%.1f", [point.available, 0].max), unit: unit, amount_2: format("%.4g", point.asked)), fix: fix(block, station, prescription))
        end

        # The highest that leaves the reserve; else the highest that is completed at all.
        def fix(block, station, prescription)
          return -> { [*easier(prescription), *easiest(block, station, prescription)] } unless prescription.reps && !station.counts && prescription.variation
          -> { [*fewer(station, prescription), *easier(prescription), *easiest(block, station, prescription)] }
        end

        def fewer(station, prescription)
          highest = [@workout.house.reserve, 0].lazy.map { |reserve| most(prescription, reserve) }.find(&:positive?) or return []
          [Fix.set(Sparrow.say("review.ask_for_highest", highest: highest), *lowered(station, prescription, highest), *unsplit(prescription))]
        end

        def unsplit(prescription)
          prescription.splits ? [["#{prescription.pointer}/splits", nil]] : []
        end

        def most(prescription, reserve)
          number = @capacity.highest(prescription, reserve: reserve, below: prescription.reps_counted)
          prescription.requires_even_count? ? number - number % 2 : number
        end

        # With the number with which it opens.
        def easiest(block, station, prescription)
          return [] unless prescription.movement && !station.counts
          lower = prescription.movement.ladder.select { |one| one.demand_value < prescription.variation.demand_value }
          lower.last(4).reverse.map { |variation| Fix.set(Sparrow.say("review.take_name", name: variation.name), [prescription.pointer, opened(variation, block, station, level: prescription.level)]) }
        end

        def easier(prescription)
          return [] unless prescription.movement
          lower = prescription.movement.ladder.select { |one| one.demand_value < prescription.variation.demand_value && one.measure == prescription.variation.measure }
          lower.last(2).reverse.map { |variation| Fix.set(Sparrow.say("review.take_name", name: variation.name), ["#{prescription.pointer}/variation", variation.id]) }
        end
      end
    end
  end
end
