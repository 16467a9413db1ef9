# frozen_string_literal: true

module Sparrow
  module Formats
    module Intervals
      # Timed intervals: work and rest by one clock.
      class Declaration < Plan::Format
        F = Plan::Format::Fields

        def initialize
          super(
            id: "intervals", label: Sparrow.say("formats.timed_intervals"), says: Sparrow.say("formats.work_and_rest_are_called_for"), clock: "called", layout: Layout, calls: [Plan::Cues::WindowCalls],
            fields: [
              Plan::Format::Field.new(key: "work_s", shape: F::WORKS, kind: "by_round", label: Sparrow.say("formats.work"), place: "clock", needed: true, opening: 40),
              F::REST_BETWEEN.with(shape: F::RESTS, kind: "by_round", needed: true, opening: 20, hint: nil), F::ROUND_COUNT, F::ROUND_REST, F::READY, F::FLOW, F::BY_LEVEL,
              Plan::Format::Field.new(key: "switch_s", shape: F::SHORT, kind: "seconds", label: Sparrow.say("formats.switch_sides"), place: "more", hint: "0"),
              Plan::Format::Field.new(key: "rest_ratio", shape: F::RATIO, kind: "ratio", label: Sparrow.say("formats.rest_ratio"), place: "more", hint: Sparrow.say("plan.hint_none")),
              Plan::Format::Field.new(key: "rest_after_last", shape: Schema::BooleanType.new, kind: "flag", label: Sparrow.say("formats.rest_after_the_last"), place: "more"), F::ESCALATE
            ],
            station_fields: {**F::IN_ROUNDS, **F::OWN_TIMES}, level_fields: F::OWN_TIMES
          )
        end

        # Gently into the work and out of it; a finisher is short and quick.
        FOR_ROLE = {
          "warm_up" => {"work_s" => 40, "rest_s" => 5, "rounds" => 1, "round_rest_s" => nil}, "finisher" => {"work_s" => 30, "rest_s" => 15, "rounds" => 2, "round_rest_s" => 30},
          "cool_down" => {"work_s" => 60, "rest_s" => 10, "rounds" => 1, "switch_s" => 4, "round_rest_s" => nil}
        }.freeze

        def opening_for(role)
          FOR_ROLE.fetch(role, {})
        end

        def work_windows?
          true
        end

        def stretches(block, station, level)
          two_windows = station.levels.each_value.any? { |other| other.sides == "each" }
          levels = block.escalate ? [station.at(level)] : station.levels.values
          round = shortest(block, station.at(level))
          station.at(level).stretches(two_windows: two_windows, switch_s: block.switch_s, window_s: levels.map { |other| other.work_in(round) }.max, round: round)
        end

        def check_block(block)
          rest = block["rest_s"]
          yield "/rest_s/min", Sparrow.say("plan.is_above_the_maximum") if rest.is_a?(Hash) && rest["min"] > rest["max"]
        end

        def check_station(station, _block, &refuse)
          check_block(station, &refuse)
        end

        # Half a window must be longer than the change of sides.
        def check_level(input, station, block, &refuse)
          check_block(input, &refuse)
          return unless (input["sides"] || station["sides"]) == "split"
          stop_s = [longest(input["hold_s"])&.*(2), *(input["work_s"] || station["work_s"] || block["work_s"])].compact.min
          switch_s = block.fetch("switch_s", 0)
          return if switch_s < stop_s / 2
          refuse.call "/#{input["work_s"] ? "work_s" : "sides"}", Sparrow.say("formats.leaves_no_second_side_half_of", stop_s: stop_s, switch_s: switch_s)
        end

        private

        # The round in which least is there: a number is the same in all of them.
        def shortest(block, prescription)
          prescription.by_round? ? (1..block.round_count).min_by { |round| prescription.work_in(round) } : 1
        end

        def longest(hold)
          hold.is_a?(Hash) ? hold["max"] : hold
        end
      end
    end
  end
end
