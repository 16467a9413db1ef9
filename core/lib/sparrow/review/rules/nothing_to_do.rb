# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A workout without a single station cannot be run.
      class NothingToDo < Rule
        def findings
          return [] if @workout.each_station.any?
          [finding("stop", Place.workout, "There is no station yet.",
            "A class needs something to do: type a movement's name into a block.")]
        end
      end
    end
  end
end
