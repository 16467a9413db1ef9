# frozen_string_literal: true

module Sparrow
  module Formats
    module Pause
      # A named stretch of time: welcome, demonstration, water.
      class Declaration < Plan::Format
        def initialize
          super(
            id: "pause", label: Sparrow.say("formats.pause"), says: Sparrow.say("formats.time_for_everybody_welcome_demonstration_water"), clock: "none", layout: Layout, calls: [Calls],
            fields: [Plan::Format::Field.new(key: "seconds", shape: Schema::IntegerType.new(1..7200, "seconds"), kind: "seconds", label: Sparrow.say("formats.lasts"), place: "clock",
              needed: true, opening: 60)]
          )
        end

        def stations?
          false
        end

        def why_no_targets
          Sparrow.say("formats.a_pause_has_no_targets")
        end
      end
    end
  end
end
