# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A block without stations takes no time and says nothing.
      class EmptyBlock < Rule
        def findings
          return [] unless @workout.each_station.any?
          @workout.blocks.select { |block| block.format.stations? && block.stations.empty? }.map do |block|
            finding("note", Place.block(block), "This block has no station.",
              "It is announced and then skipped.", Fix.remove("Remove the empty block", block.pointer))
          end
        end
      end
    end
  end
end
