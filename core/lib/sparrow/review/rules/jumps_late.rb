# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Hard landings after half an hour of work.
      class JumpsLate < OrderRule
        TOPIC = "order"
        SOURCE = "safety"
        # Behind so much work, and in the last third of it.
        LEAST_S = 1500
        PART = Rational(2, 3)
        # So many late stations with hard landings are too many.
        MOST = 2

        def findings
          found = Level::ALL.flat_map { |level| late(level) }.uniq { |turn| turn.station.pointer }
          return [] if found.size <= MOST
          [finding("note", Place.block(found.first.block), Sparrow.say("review.jumps_come_late", count: found.size), why: Sparrow.say("review.tired_legs_land_badly"), fix: -> { fixes(found) })]
        end

        private

        def late(level)
          turns = @facts.turns(level)
          return [] if turns.empty?
          from_s = turns.first.start_s + [(turns.last.end_s - turns.first.start_s) * PART, LEAST_S].max
          turns.select { |turn| turn.start_s >= from_s && turn.variations.any? { |variation| variation.impact == "high" } }
        end

        # Quieter versions of the same movements.
        def fixes(found)
          pairs = found.map(&:station).flat_map do |station|
            station.levels.each_value.filter_map do |cell|
              next unless cell.variation&.impact == "high"
              quiet = cell.movement.ladder.reverse.find { |variation| variation.impact != "high" && variation.measure == cell.variation.measure } or return []
              ["#{cell.pointer}/variation", quiet.id]
            end
          end
          [Fix.set(Sparrow.say("review.take_quieter_versions"), *pairs)]
        end
      end
    end
  end
end
