# frozen_string_literal: true

module Sparrow
  module Formats
    module Chipper
      # All reps of one station before the next, once through.
      class Declaration < Plan::Format
        F = Plan::Format::Fields
        # There are no rounds to wait after.
        GATES = F::GATES.drop(1).freeze
        SPLITS = Schema::List.new(F::COUNT, size: 1..50, noun: "sets")

        def initialize
          super(
            id: "chipper", label: Sparrow.say("formats.one_exercise_after_the_other"), says: Sparrow.say("formats.all_of_one_station_before_the"), clock: "own_pace",
            layout: Layout, calls: [Plan::Cues::PacedCalls], tally: "total",
            fields: [
              F::CAP, F::AIM, Plan::Format::Field.new(key: "set_rest_s", shape: F::SHORT, kind: "seconds", label: Sparrow.say("formats.rest_between_sets"), place: "clock", hint: Sparrow.say("plan.hint_standard")),
              F::READY, F::GATE.with(shape: Schema::OneOf.new(*GATES.map(&:first)), options: GATES, default: "free")
            ],
            level_fields: {"splits" => SPLITS}
          )
        end

        def check_level(input, _station, _block)
          return unless input["splits"]
          reps = input["reps"]
          return yield "/splits", Sparrow.say("formats.need_one_number_of_reps_to") unless reps.is_a?(Integer)
          yield "/splits", Sparrow.say("formats.add_up_to_sum_not_to", sum: input["splits"].sum, reps: reps) unless input["splits"].sum == reps
        end

        # Sets that were set aside come back only with the number that they split.
        def adopt_level(level, number, station)
          adopted = super
          (adopted["splits"] && adopted["reps"].nil?) ? adopted.except("splits") : adopted
        end
      end
    end
  end
end
