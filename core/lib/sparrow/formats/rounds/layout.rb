# frozen_string_literal: true

module Sparrow
  module Formats
    module Rounds
      # Set reps, so many times round, paced by the person. On a ladder the reps of
      # a station change from round to round; the walking is the same.
      class Layout < Paced::Layout
        private

        # A gate for each round, for each set, or one for all.
        def steps(level)
          (1..@block.rounds_for(level)).flat_map do |round|
            taken = @block.level_taken(level, round)
            @block.stations_in(round).each_with_index.filter_map do |station, index|
              step(gate(round, index), station, round, level: taken) if station.at(taken)
            end
          end
        end

        def gate(round, index)
          case @block.gate
          when "station" then [round, index]
          when "free" then [0, 0]
          else [round, 0]
          end
        end
      end
    end
  end
end
