# frozen_string_literal: true

module Sparrow
  module Plan
    class Format
      # Shapes and fields that several formats share. All times are whole seconds.
      module Fields
        S = Schema
        WORK = S::IntegerType.new(1..3600, "seconds")
        REST = S::IntegerType.new(0..3600, "seconds")
        SHORT = S::IntegerType.new(0..120, "seconds")
        LONG = S::IntegerType.new(10..7200, "seconds")
        ROUNDS = S::IntegerType.new(1..50)
        COUNT = S::IntegerType.new(1..1000)
        # One number, or one for each round; a rest also as a range.
        WORKS = S::Either.new(WORK, list: S::List.new(WORK, size: 2..50, noun: "rounds"))
        RESTS = S::Either.new(REST, list: S::List.new(REST, size: 2..50, noun: "rounds"), object: S::Record.new({"min" => REST, "max" => REST}, required: %w[min max]))
        RATIO = S::Decimal.new(0.1..10)
        # What a station or a level may have of its own where a clock ends the work: all that its block may.
        OWN_TIMES = {"work_s" => WORKS, "rest_s" => RESTS, "rest_ratio" => RATIO}.freeze
        RANGE = S::Record.new({"min" => COUNT, "max" => COUNT}, required: %w[min max])
        IN_ROUNDS = {"in_rounds" => S::List.new(ROUNDS, size: 1..50, distinct: true, noun: "rounds")}.freeze

        # A key that every block may hold, whatever its format.
        OF_ALL = %w[get_ready_s].freeze
        READY = Field.new(key: "get_ready_s", shape: REST, kind: "seconds", label: Sparrow.say("plan.get_ready"), place: "clock", hint: "0")

        ROUND_COUNT = Field.new(key: "rounds", shape: ROUNDS, kind: "count", label: Sparrow.say("plan.rounds"), place: "clock", needed: true, opening: 3)
        BY_LEVEL = Field.new(key: "rounds_by_level", shape: S::Record.new(Level::ALL.to_h { |level| [level, ROUNDS] }), kind: "by_level",
          label: Sparrow.say("plan.rounds_by_level"), place: "more")
        ESCALATE = Field.new(key: "escalate", shape: S::BooleanType.new, kind: "flag", label: Sparrow.say("plan.each_round_a_level_harder"), place: "more")
        REST_BETWEEN = Field.new(key: "rest_s", shape: REST, kind: "seconds", label: Sparrow.say("plan.rest"), place: "clock", hint: "0")
        ROUND_REST = Field.new(key: "round_rest_s", shape: REST, kind: "seconds", label: Sparrow.say("plan.round_rest"), place: "clock", hint: Sparrow.say("plan.hint_rest"))
        CAP = Field.new(key: "cap_s", shape: LONG, kind: "seconds", label: Sparrow.say("plan.cap"), place: "clock", hint: Sparrow.say("plan.hint_none"))
        AIM = Field.new(key: "target_s", shape: LONG, kind: "seconds", label: Sparrow.say("plan.aim_at"), place: "clock", hint: Sparrow.say("plan.hint_none"))
        GATES = [["round", Sparrow.say("plan.all_wait_at_each_round")], ["station", Sparrow.say("plan.all_wait_at_each_station")], ["free", Sparrow.say("plan.nobody_waits")]].freeze
        GATE = Field.new(key: "gate", shape: S::OneOf.new(*GATES.map(&:first)), kind: "choice", label: Sparrow.say("plan.where_all_wait_for_all"), place: "clock",
          default: "round", options: GATES)
        FLOWS = [["together", Sparrow.say("plan.everyone_together")], ["rotate", Sparrow.say("plan.groups_that_move_on")]].freeze
        FLOW = Field.new(key: "flow", shape: S::OneOf.new(*FLOWS.map(&:first)), kind: "choice", label: Sparrow.say("plan.how_the_room_moves"), place: "clock",
          default: "together", options: FLOWS)
      end
    end
  end
end
