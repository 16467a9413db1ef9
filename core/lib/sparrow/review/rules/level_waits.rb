# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A level that stands around for most of the work.
      class LevelWaits < Rule
        TOPIC = "levels"
        SOURCE = "house"
        # More than half of a block's time, and for minutes.
        PART = Rational(1, 2)
        LEAST_S = 120

        def findings
          @facts.working.filter_map do |line|
            sums = @kept.made(line.block, :sums, line.start_s) { line.sums }
            waiting = Level::ALL.select { |level| waits?(sums.fetch(level)) }
            waits(line, waiting) if waiting.any?
          end
        end

        private

        def waits?(sums)
          sums["waiting"] >= LEAST_S && sums["waiting"] > (sums.total_s - sums["ready"]) * PART
        end

        def waits(line, levels)
          of = ClockText.of(levels.map { |level| line.sums.fetch(level)["waiting"] }.max)
          finding("note", Place.block(line.block), Sparrow.say("review.waits_for_of", whom: whom(levels), of: of, all: ClockText.of(line.total_s)),
            why: Sparrow.say("review.give_them_something_meanwhile"), fix: fixes(line, levels))
        end

        # Half of the longest stop for each that stands around.
        def fixes(line, levels)
          return [] unless line.block.timed?
          pairs = line.block.stations.flat_map do |station|
            longest = station.levels.each_value.map(&:stop_s).max
            levels.filter_map do |level|
              cell = station.at(level) or next
              half = Standards::Rounding.to_step(longest * Rational(3, 5), 5)
              ["#{cell.pointer}/#{(cell.hold && !cell.own_work_s) ? "hold_s" : "work_s"}", half] if cell.stop_s < half && (cell.own_work_s || cell.hold) && !cell.by_round? && cell.sides == "both" && !(cell.hold && cell.hold.min != cell.hold.max)
            end
          end
          pairs.any? ? [Fix.set(Sparrow.say("review.let_them_work_longer"), *pairs)] : []
        end
      end
    end
  end
end
