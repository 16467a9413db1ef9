# frozen_string_literal: true

module Sparrow
  module Planning
    class Solve
      # Timed blocks: each station has its window, and each level works to its own stop. Numbers are looked for that fill it
      # to the same second; where they would end further apart than they do now, less of the window is filled, and where
      # that does not help either they stay.
      class ByWindow
        # So near to one another, and to the window's end, nothing is moved.
        TOGETHER_S = 2
        FULL_ENOUGH = Rational(2, 3)
        # Where a set starts at each minute what is left of it is the rest.
        FIXED_STARTS_FILL = Rational(2, 3)
        # Parts of the window's fill that are tried, the most first.
        PARTS = [1, 0.95, 0.9, 0.85, 0.8, 0.75, 0.7].map(&:to_r).freeze

        def initialize(line, capacity, station, window_s:)
          @block = line.block
          @capacity = capacity
          @station = station
          @window_s = window_s
          @fill = [Rational(@block.house.fill, 100), (FIXED_STARTS_FILL if @block.format.fixed_starts?)].compact.min
          @amounts = Level::ALL.to_h { |level| [level, {}.compare_by_identity] }
        end

        # @return [Array<Change>]
        def changes
          @block.stations.select { |station| @station.nil? || station.id == @station }.flat_map { |station| solve(station) }
        end

        private

        def solve(station)
          cells = station.levels.transform_values { |prescription| Cell.new(@block, station, prescription) }
          now = cells.transform_values { |cell| [cell, cell.number] }
          return [] if together?(now)
          most = overrun?(now) ? Float::INFINITY : spread(now)
          chosen, amounts = PARTS.lazy.map { |part| try(cells, part) }.find { |found, _| spread(found) <= most }
          return [] unless chosen
          @amounts = amounts
          InOrder.of(chosen).filter_map { |cell, to| cell.change(to) }
        end

        # @return [Array(Hash, Hash)] level to cell and number, and what each lane asks then
        def try(cells, part)
          amounts = @amounts.transform_values(&:dup)
          [InOrder.of(cells.to_h { |level, cell| [level, [cell, number(cell, part, amounts.fetch(level))]] }).to_h { |cell, to| [cell.prescription.level, [cell, to]] }, amounts]
        end

        def number(cell, part, amounts)
          return unless cell.counted?
          Reserve.within(@capacity, cell, cell.most(seconds(cell) * part), amounts: amounts, reserve: @block.house.reserve)
        end

        def seconds(cell)
          (@window_s || WindowFit.of(@block, cell.station, cell.prescription.level).window_s) * @fill
        end

        def together?(now)
          @window_s.nil? && spread(now) <= TOGETHER_S && now.each_value.all? { |cell, number| number.nil? || !cell.counted? || cell.seconds(number).between?(seconds(cell) * FULL_ENOUGH, seconds(cell)) }
        end

        # What does not fit comes into its window in any case.
        def overrun?(now)
          now.any? { |_, (cell, number)| number && cell.counted? && cell.seconds(number) > seconds(cell) / @fill }
        end

        # @return [Integer] seconds between who is through first and last
        def spread(chosen)
          times = chosen.each_value.filter_map { |cell, number| cell.seconds(number || cell.number) if number || cell.number }
          times.empty? ? 0 : times.max - times.min
        end
      end
    end
  end
end
