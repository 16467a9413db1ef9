# frozen_string_literal: true

module Sparrow
  module Formats
    module Rounds
      # Set reps, so many times round.
      class Declaration < Plan::Format
        F = Plan::Format::Fields

        def initialize
          super(
            id: "rounds", label: Sparrow.say("formats.rounds_of_reps"), says: Sparrow.say("formats.set_reps_so_many_times_round"), clock: "own_pace", layout: Layout,
            calls: [Plan::Cues::PacedCalls],
            fields: [F::ROUND_COUNT, F::REST_BETWEEN, F::ROUND_REST, F::CAP, F::AIM, F::READY, F::GATE, F::BY_LEVEL, F::ESCALATE],
            station_fields: F::IN_ROUNDS
          )
        end
      end
    end
  end
end
