# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Work begins cold.
      class WarmUpMissing < Rule
        def findings
          return [] if @timeline.total_s.zero? || @workout.each_station.none? || @workout.blocks.any? { |block| block.role == "warm_up" }
          block = OpeningBlock.new(@workout, @catalogue).warm_up
          [finding("warn", Place.workout, "There is no warm-up.",
            "Joints and pulse go from nothing to the first hard set.",
            Fix.set("Add a short warm-up", ["/blocks/0", block]))]
        end
      end
    end
  end
end
