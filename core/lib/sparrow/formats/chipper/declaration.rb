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
            id: "chipper", label: "One exercise after the other", says: "All of one station before the next, once through.", clock: "own_pace",
            layout: Layout, calls: [Plan::Cues::PacedCalls], tally: "total",
            fields: [
              F::CAP, F::AIM, Plan::Format::Field.new(key: "set_rest_s", shape: F::SHORT, kind: "seconds", label: "Rest between sets", place: "clock", hint: "standard"),
              F::READY, F::GATE.with(shape: Schema::OneOf.new(*GATES.map(&:first)), options: GATES, default: "free")
            ],
            level_fields: {"splits" => SPLITS}
          )
        end

        def check_level(given, _station, _block)
          return unless given["splits"]
          reps = given["reps"]
          return yield "/splits", "need one number of reps to split" unless reps.is_a?(Integer)
          yield "/splits", "add up to #{given["splits"].sum}, not to #{reps}" unless given["splits"].sum == reps
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
