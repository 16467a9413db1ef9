# frozen_string_literal: true

module Sparrow
  module Planning
    class Solve
      # Timed blocks: each station has its window, and each level works to its own stop.
      class ByWindow
        def initialize(line, capacity, station, window_s:)
          @block = line.block
          @capacity = capacity
          @station = station
          @window_s = window_s
          @fill = Rational(@block.house.fill, 100)
          @amounts = Hash.new { |hash, level| hash[level] = {}.compare_by_identity }
        end

        # @return [Array<Change>]
        def changes
          @block.stations.select { |station| @station.nil? || station.id == @station }.flat_map { |station| solve(station) }
        end

        private

        def solve(station)
          chosen = station.levels.transform_values do |prescription|
            cell = Cell.new(@block, station, prescription)
            [cell, number(cell)]
          end
          InOrder.of(chosen).filter_map { |cell, to| cell.change(to) }
        end

        def number(cell)
          return unless cell.counted?
          window_s = @window_s || WindowFit.of(@block, cell.station, cell.prescription.level).window_s
          Reserve.within(@capacity, cell, cell.most(window_s * @fill), amounts: @amounts[cell.prescription.level], reserve: @block.house.reserve)
        end
      end
    end
  end
end
