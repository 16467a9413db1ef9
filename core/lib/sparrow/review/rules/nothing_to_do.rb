# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A workout without a single station cannot be run.
      class NothingToDo < OrderRule
        TOPIC = "plan"
        SOURCE = "arithmetic"

        def findings
          return [] if @workout.each_station.any?
          [finding("stop", Place.workout, Sparrow.say("review.there_is_no_station_yet"),
            why: Sparrow.say("review.a_class_needs_something_to_do"), fix: fix)]
        end

        private

        # Into the first block that can hold stations, else into a block of its own.
        def fix
          opening = OpeningBlock.of(@workout, @catalogue)
          block = @workout.blocks.find { |candidate| candidate.format.stations? }
          return Fix.set(Sparrow.say("review.start_with_four_stations"), ["/blocks/-", opening]) unless block
          Fix.set(Sparrow.say("review.start_with_four_stations"), ["#{block.pointer}/stations", opening.fetch("stations")])
        end
      end
    end
  end
end
