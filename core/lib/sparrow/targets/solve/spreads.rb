# frozen_string_literal: true

module Sparrow
  module Targets
    class Solve
      # How far apart the lanes finish, before and after.
      module Spreads
        # @param line [Timeline::BlockLine] before
        # @param after [Timeline::BlockLine]
        # @param only [String, nil] a station's id
        # @return [Array<Hash>]
        def self.of(line, after, only)
          return [] if line.block.stations.empty? || line.block.format == "quota"
          return [row(line.block, nil, paced(line), paced(after))] unless only || line.block.timed?
          line.block.stations.zip(after.block.stations).filter_map do |before_station, after_station|
            next if only && before_station.id != only
            row(line.block, before_station.id, sets(before_station), sets(after_station))
          end
        end

        def self.row(block, station, before, after)
          {"block" => block.id, "station" => station, "before" => before, "after" => after, "spread_before_s" => spread(before),
           "spread_after_s" => spread(after)}
        end

        def self.paced(line)
          key = (line.block.format == "amrap") ? "round_s" : "finish_s"
          Level::ALL.to_h { |level| [level, line.forecast.dig(level, key)] }
        end

        def self.sets(station)
          Level::ALL.to_h { |level| [level, (station.at(level).reps || station.at(level).hold) && station.at(level).set_s] }
        end

        def self.spread(seconds)
          known = seconds.values.compact
          known.empty? ? 0 : known.max - known.min
        end
        private_class_method :row, :paced, :sets, :spread
      end
    end
  end
end
