# frozen_string_literal: true

module Sparrow
  module Formats
    module Chipper
      # All reps of one station before the next, in sets with short rests: as
      # typed, or such as the level can keep up.
      class Layout < Paced::Layout
        private

        def steps(level)
          @block.stations.each_with_index.filter_map do |station, index|
            prescription = station.at(level) or next
            step((@block.gate == "station") ? [0, index] : [0, 0], station, 1, level: level, sets: sets(prescription))
          end
        end

        def sets(prescription)
          return prescription.splits if prescription.splits
          Capacity::Sets.even(prescription, prescription.reps_counted, rest_s: @block.set_rest_s, reserve: @house.reserve) if prescription.reps && prescription.seconds_per_move
        end

        def forecast(level, steps)
          sets = steps.map do |step|
            Plan::Forecast::Sets.new(station: step.station.id, sets: step.sets || [step.counted], takes_s: step.seconds, typed: !step.prescription.splits.nil?)
          end
          super.with(stations: sets.freeze)
        end
      end
    end
  end
end
