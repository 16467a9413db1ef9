# frozen_string_literal: true

module Sparrow
  module Formats
    module Pause
      # A named stretch of time: welcome, demonstration, water.
      class Declaration < Plan::Format
        def initialize
          super(
            id: "pause", label: "Pause", says: "Time for everybody: welcome, demonstration, water.", clock: "none", layout: Layout, calls: [Calls],
            fields: [Plan::Format::Field.new(key: "seconds", shape: Schema::IntegerType.new(1..7200, "seconds"), kind: "seconds", label: "Lasts", place: "clock",
              needed: true, opening: 60)]
          )
        end

        def stations?
          false
        end

        def why_no_targets
          "a pause has no targets"
        end
      end
    end
  end
end
