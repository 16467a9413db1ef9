# frozen_string_literal: true

module Sparrow
  module Planning
    class Solve
      # Paced blocks: the lanes' times are what they are; numbers are turned until
      # each lane comes as near as it can to the common time.
      class ByPace
        def initialize(line, capacity, station, window_s:)
          @line = line
          @block = line.block
          @capacity = capacity
          @station = station
          @window_s = window_s
          @fill = Rational(@block.house.fill, 100)
        end

        # @return [Array<Change>]
        def changes
          return by_station if @station || @block.gate == "station"
          chosen = Level::ALL.to_h { |level| [level, whole_lane(level)] }
          @block.stations.flat_map do |station|
            InOrder.of(chosen.transform_values { |lane| lane[station.id] }.compact).filter_map { |cell, to| cell.change(to) }
          end
        end

        private

        def by_station
          @block.stations.select { |station| @station.nil? || station.id == @station }.flat_map do |station|
            cells = station.levels.each_value.map { |prescription| Cell.new(@block, station, prescription) }
            time_s = @window_s ? @window_s * @fill : cells.map { |cell| cell.prescription.set_s }.max
            chosen = cells.to_h { |cell| [cell.prescription.level, [cell, kept(cell, cell.most(time_s), {})]] }
            InOrder.of(chosen).filter_map { |cell, to| cell.change(to) }
          end
        end

        # The time that every lane should take: the fill of what is aimed at, else the slowest lane's own, as far as a cap
        # has room for it.
        def common_s
          @common_s ||= begin
            aim_s = @window_s || @block.target_s
            cap_s = @block.cap_s unless @block.format.counts_rounds?
            aim_s ? aim_s * @fill : [Level::ALL.map { |level| LaneTime.waitless(@line, level) }.max, *(cap_s && cap_s * @fill)].min
          end
        end

        def turns(level)
          @block.format.counts_rounds? ? 1 : @block.rounds_for(level)
        end

        # All numbers of a lane by one factor, then one more here and there while there is room.
        def whole_lane(level)
          cells = @block.stations.filter_map { |station| Cell.new(@block, station, station.at(level)) if station.at(level) }
          open = cells.select(&:number)
          visits = open.to_h { |cell| [cell, (1..turns(level)).count { |round| cell.station.in_round?(round) }] }
          work_s = open.sum { |cell| cell.number * cell.unit_s * visits[cell] }
          amounts = {}.compare_by_identity
          numbers = scaled(open, visits, common_s - (LaneTime.waitless(@line, level) - work_s), work_s: work_s)
          cells.to_h { |cell| [cell.station.id, [cell, numbers[cell] && kept(cell, numbers[cell], amounts)]] }
        end

        def scaled(cells, visits, budget_s, work_s:)
          return {} if cells.empty? || work_s.zero? || budget_s <= 0
          numbers = cells.to_h { |cell| [cell, [cell.rounded((cell.number * budget_s / work_s).floor), 1].max] }
          left_s = budget_s - numbers.sum { |cell, number| number * cell.unit_s * visits[cell] }
          cells.cycle(3) do |cell|
            step = cell.step(numbers[cell])
            cost_s = step * cell.unit_s * visits[cell]
            next if cost_s > left_s || cost_s.zero?
            numbers[cell] += step
            left_s -= cost_s
          end
          numbers
        end

        def kept(cell, number, amounts)
          Reserve.within(@capacity, cell, number, amounts: amounts, reserve: @block.house.reserve)
        end
      end
    end
  end
end
