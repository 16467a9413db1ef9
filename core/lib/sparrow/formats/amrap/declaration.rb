# frozen_string_literal: true

module Sparrow
  module Formats
    module Amrap
      # As many rounds as possible in a time.
      class Declaration < Plan::Format
        F = Plan::Format::Fields

        def initialize
          super(
            id: "amrap", label: "As many rounds as possible", says: "Round after round until the time is up.", clock: "own_pace", layout: Layout,
            calls: [Plan::Cues::PacedCalls], tally: "rounds",
            fields: [F::CAP.with(label: "Time", needed: true, opening: 720, hint: nil), F::READY]
          )
        end
      end
    end
  end
end
