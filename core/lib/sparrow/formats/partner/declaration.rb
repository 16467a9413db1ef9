# frozen_string_literal: true

module Sparrow
  module Formats
    module Partner
      # Two share a station: one works while the other rests, and they change by the clock or when the set is done.
      class Declaration < Plan::Format
        F = Plan::Format::Fields
        TURN_S = 30
        TURNS = 2
        CHANGES = [["clock", Sparrow.say("formats.partners_change_by_the_clock")], ["set", Sparrow.say("formats.partners_change_when_the_set_is")]].freeze

        def initialize
          super(
            id: "partner", label: Sparrow.say("formats.with_a_partner"), says: Sparrow.say("formats.you_go_i_go_one_works"), clock: "called", layout: Layout, calls: [Calls],
            fields: [
              F::ROUND_COUNT.with(opening: 2),
              Plan::Format::Field.new(key: "turns", shape: Schema::IntegerType.new(1..20), kind: "count", label: Sparrow.say("formats.turns_each"), place: "clock", opening: TURNS, default: TURNS, hint: TURNS.to_s),
              Plan::Format::Field.new(key: "work_s", shape: F::WORK, kind: "seconds", label: Sparrow.say("formats.a_turn"), place: "clock", opening: TURN_S, default: TURN_S, hint: TURN_S.to_s),
              Plan::Format::Field.new(key: "switch_s", shape: F::SHORT, kind: "seconds", label: Sparrow.say("formats.to_change_over"), place: "clock", hint: "0"),
              F::REST_BETWEEN, F::ROUND_REST, F::READY,
              Plan::Format::Field.new(key: "change", shape: Schema::OneOf.new(*CHANGES.map(&:first)), kind: "choice", label: Sparrow.say("formats.how_partners_change"), place: "clock",
                default: "clock", options: CHANGES)
            ],
            station_fields: F::IN_ROUNDS
          )
        end

        def own_keys
          %w[turns change]
        end

        # By the set nobody's clock leads.
        def clock_of(held)
          (held["change"] == "set") ? "own_pace" : "called"
        end

        # Of two one begins.
        def by_turns?(_block)
          true
        end

        def window_s(block)
          block.fetch("work_s", TURN_S)
        end

        def stretches(block, station, level)
          [station.at(level).stop_s] if block.timed?
        end

        def why_no_targets
          Sparrow.say("formats.partners_give_each_other_their_rest")
        end
      end
    end
  end
end
