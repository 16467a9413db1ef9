# frozen_string_literal: true

module Sparrow
  module Formats
    module Amrap
      # As many rounds as possible in a time.
      class Declaration < Plan::Format
        F = Plan::Format::Fields

        def initialize
          super(
            id: "amrap", label: Sparrow.say("formats.as_many_rounds_as_possible"), says: Sparrow.say("formats.round_after_round_until_the_time"), clock: "own_pace", layout: Layout,
            calls: [Plan::Cues::PacedCalls], tally: "rounds",
            fields: [F::CAP.with(label: Sparrow.say("formats.time"), needed: true, opening: 720, hint: nil), F::READY]
          )
        end
      end
    end
  end
end
