# frozen_string_literal: true

module Sparrow
  module Formats
    # All reps of one station before the next, in sets with short rests: as
    # typed, or such as the level can keep up.
    class Chipper < Paced
      private

      def steps(level)
        @block.stations.each_with_index.map do |station, index|
          take = station.at(level)
          step((@block.gate == "station") ? [0, index] : [0, 0], station, 1, level, sets: sets(take))
        end
      end

      def sets(take)
        return take.splits if take.splits
        Capacity::Sets.even(take, take.reps_counted, rest_s: @block.set_rest_s, reserve: @house.reserve) if take.reps && take.seconds_per_move
      end

      def forecast(level, steps)
        super.merge("stations" => steps.map do |step|
          {"station" => step.station.id, "sets" => step.sets || [step.counted], "takes_s" => step.seconds, "typed" => !step.take.splits.nil?}
        end)
      end
    end
  end
end
