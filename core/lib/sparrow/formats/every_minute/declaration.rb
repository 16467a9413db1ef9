# frozen_string_literal: true

module Sparrow
  module Formats
    module EveryMinute
      # A set at each minute, or at each other interval.
      class Declaration < Plan::Format
        F = Plan::Format::Fields
        # Seconds from one start to the next where a block says nothing.
        MINUTE_S = 60

        def initialize
          super(
            id: "every_minute", label: Sparrow.say("formats.every_minute"), says: Sparrow.say("formats.a_set_at_each_minute_what"), clock: "called", layout: Layout, calls: [Calls],
            fields: [
              Plan::Format::Field.new(key: "interval_s", shape: Schema::IntegerType.new(10..600, "seconds"), kind: "seconds", label: Sparrow.say("formats.a_start_every"), place: "clock",
                opening: MINUTE_S, default: MINUTE_S, hint: MINUTE_S.to_s),
              F::ROUND_COUNT, F::READY, F::FLOW, F::BY_LEVEL, F::ESCALATE
            ],
            station_fields: F::IN_ROUNDS
          )
        end

        def window_s(block)
          block.fetch("interval_s", MINUTE_S)
        end

        def fixed_starts?
          true
        end

        def why_no_work_time
          Sparrow.say("formats.a_set_begins_by_the_clock")
        end

        def stretches(block, _station, _level)
          [block.interval_s]
        end
      end
    end
  end
end
