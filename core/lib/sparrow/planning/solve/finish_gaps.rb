# frozen_string_literal: true

module Sparrow
  module Planning
    class Solve
      # How far apart the lanes finish, before and after.
      module FinishGaps
        # @param line [Plan::BlockLine] before
        # @param after [Plan::BlockLine]
        # @param only [String, nil] a station's id
        # @param work [Boolean] whether work times are looked at: then a level's seconds are
        #   its work time, and the spread is the most that anybody's set leaves of it
        # @return [Array<Hash>]
        def self.of(line, after, only, work: false)
          format = line.block.format
          return [] if line.block.stations.empty? || format.counts_day? || (work && !format.work_windows?)
          return [row(line.block, nil, paced(line), after: paced(after))] unless only || line.block.timed?
          line.block.stations.zip(after.block.stations).filter_map do |before_station, after_station|
            next if only && before_station.id != only
            next work_row(line.block, before_station, after.block, after: after_station) if work
            row(line.block, before_station.id, sets(before_station), after: sets(after_station))
          end
        end

        def self.row(block, station, before, after:, spread_before: spread(before), spread_after: spread(after))
          {"block" => block.id, "station" => station, "before" => before, "after" => after, "spread_before_s" => spread_before,
           "spread_after_s" => spread_after}
        end

        def self.work_row(block, station, block_after, after:)
          row(block, station.id, times(block, station), after: times(block_after, after), spread_before: left(block, station), spread_after: left(block_after, after))
        end

        def self.times(block, station)
          Level::ALL.to_h { |level| [level, station.at(level) && (fit = WindowFit.of(block, station, level)).set_s && fit.window_s] }
        end

        def self.left(block, station)
          station.levels.each_key.filter_map { |level| WindowFit.of(block, station, level).left_s }.max || 0
        end

        def self.paced(line)
          Level::ALL.to_h { |level| [level, LaneTime.of(line, level)] }
        end

        def self.sets(station)
          Level::ALL.to_h { |level| [level, station.at(level)&.then { |cell| cell.set_s if cell.reps || cell.hold }] }
        end

        def self.spread(seconds)
          known = seconds.values.compact
          known.empty? ? 0 : known.max - known.min
        end
        private_class_method :row, :work_row, :times, :left, :paced, :sets, :spread
      end
    end
  end
end
