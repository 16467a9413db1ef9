# frozen_string_literal: true

module Sparrow
  module Planning
    class Solve
      # The other way round: the numbers stay, and the work time is turned. Each
      # station gets the shortest time, in fives, in which every level's set is
      # done at the window's fill; a level with a time of its own gets its own.
      class WorkTimes
        STEP_S = 5
        LEAST_S = 10
        MOST_S = 600

        def initialize(line, station)
          @block = line.block
          @station = station
          @fill = Rational(@block.house.fill, 100)
        end

        # @return [Array<Change>]
        def changes
          @block.stations.select { |station| @station.nil? || station.id == @station }.flat_map { |station| of(station) }
        end

        private

        def of(station)
          least = station.levels.filter_map { |level, prescription| (seconds = least_s(station, level)) && [prescription, seconds] }
          own, shared = least.partition { |prescription, _| prescription.own_work_s }
          changes = own.map { |prescription, seconds| change("#{prescription.pointer}/work_s", station, prescription.level, from: prescription.work_s, to: seconds) }
          changes << change("#{station.pointer}/work_s", station, nil, from: shared.first.first.work_s, to: shared.map(&:last).max) if shared.any?
          changes.compact
        end

        def least_s(station, level)
          prescription = station.at(level)
          return unless prescription.reps && prescription.seconds_per_move && !prescription.works&.changes?
          slower = prescription.with(seconds_per_move: prescription.seconds_per_move / @fill)
          LEAST_S.step(MOST_S, STEP_S).find do |seconds|
            timed = station.with(levels: station.levels.merge(level => slower.with(own_work_s: seconds, work_s: seconds, works: Plan::ByRound.read(seconds))))
            !WindowFit.of(@block, timed, level).overrun?
          end
        end

        def change(pointer, station, level, from:, to:)
          Change.new(pointer: pointer, block: @block.id, station: station.id, level: level, key: "work_s", from: from, to: to) unless from == to
        end
      end
    end
  end
end
