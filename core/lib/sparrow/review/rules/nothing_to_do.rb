# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A workout without a single station cannot be run.
      class NothingToDo < Rule
        def findings
          return [] if @workout.each_station.any?
          [finding("stop", Place.workout, "There is no station yet.",
            "A class needs something to do: type a movement's name into a block, or start from four.", fix)]
        end

        private

        # Into the first block that can hold stations, else into a block of its own.
        def fix
          opening = OpeningBlock.new(@workout, @catalogue).main
          block = @workout.blocks.find { |candidate| candidate.format.stations? }
          return Fix.set("Start with four stations", ["/blocks/-", opening]) unless block
          Fix.set("Start with four stations", ["#{block.pointer}/stations", opening.fetch("stations")])
        end
      end
    end
  end
end
