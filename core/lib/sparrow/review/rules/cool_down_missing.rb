# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # The class stops at its hardest.
      class CoolDownMissing < Rule
        def findings
          return [] if @timeline.total_s.zero? || @workout.each_station.none? || @workout.blocks.any? { |block| block.role == "cool_down" }
          block = OpeningBlock.new(@workout, @catalogue).cool_down
          [finding("note", Place.workout, "There is no cool-down.",
            "A few quiet minutes let the pulse come down before people drive home.",
            Fix.set("Add a short cool-down", ["/blocks/-", block]))]
        end
      end
    end
  end
end
