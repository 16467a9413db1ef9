# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A number that the level's house profile would not complete in its worst
      # round. An estimate for a level, not for anybody.
      class BreaksInLastRound < Rule
        def findings
          each_cell.filter_map do |block, station, take|
            point = @capacity.worst(take)
            breaks(block, station, take, point) if point && !point.keeps?(0)
          end
        end

        private

        def breaks(block, station, take, point)
          unit = point.by_time ? "seconds" : "reps"
          finding("warn", Place.station(block, station, take.level),
            "#{Level.somebody(take.level)} would not complete this in round #{point.round}.",
            "About #{format("%.1f", [point.available, 0].max)} #{unit} are left in them there, and #{format("%.4g", point.asked)} are asked " \
            "(an estimate from the level's profile).", fix(block, station, take))
        end

        # The highest that leaves the reserve; else the highest that is completed at all.
        def fix(block, station, take)
          return easier(station, take) unless take.reps && !station.counts && !station.parts
          highest = [@workout.house.reserve, 0].lazy.map { |reserve| most(take, reserve) }.find(&:positive?)
          return easier(station, take) unless highest
          Fix.set("Ask for #{highest}", ["#{take.pointer}/reps", highest], *unsplit(take))
        end

        def unsplit(take)
          take.splits ? [["#{take.pointer}/splits", nil]] : []
        end

        def most(take, reserve)
          number = @capacity.highest(take, reserve: reserve, below: take.reps_counted)
          take.evens? ? number - number % 2 : number
        end

        def easier(station, take)
          return unless station.movement
          rung = station.movement.ladder.reverse.find { |candidate| candidate.demand_value < take.variation.demand_value && candidate.measure == take.variation.measure }
          Fix.set("Take #{rung.name}", ["#{take.pointer}/variation", rung.id]) if rung
        end
      end
    end
  end
end
