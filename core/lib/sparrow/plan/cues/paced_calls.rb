# frozen_string_literal: true

module Sparrow
  module Plan
    module Cues
      # The calls of a block that the people pace: what is to be done, which round,
      # 3-2-1 and go at each gate, and the end where there is a cap. Nobody's stop
      # is called: a set is over when it is over.
      class PacedCalls
        HALFWAY_FROM_S = 120
        LAST_MINUTE_FROM_S = 180

        def initialize(line)
          @line = line
          @block = line.block
        end

        # @return [Array<Cue>]
        def cues
          gates = @line.gates || []
          before_s = @line.start_s
          calls = gates.flat_map do |gate|
            next [] if gate.start_s >= @line.end_s
            approach = [round(gate, before_s), call(before_s, "next", task(gate), gate: gate), countdown(gate, before_s), call(gate.start_s, "go", Sparrow.say("plan.go"), gate: gate)]
            drink = drink(gate)
            before_s = [gate.end_s, @line.end_s].min
            [*approach, drink].compact
          end
          calls + ending
        end

        private

        def task(gate)
          return Sparrow.say("plan.next_name", name: gate.station.name) if gate.station
          names = @block.stations_in(gate.round).map(&:name)
          list = names.join(", ")
          @block.format.counts_rounds? ? Sparrow.say("plan.as_many_rounds_as_you_can", list: list) : Sparrow.say("plan.next_list", list: list)
        end

        def round(gate, at_s)
          rounds = @block.round_count
          return if rounds == 1 || @block.format.counts_rounds? || @block.gate == "free" || !first_of_round?(gate)
          return call(at_s, "last_round", Sparrow.say("plan.last_round"), gate: gate) if gate.round == rounds
          call(at_s, "round", Sparrow.say("plan.round_gate_of_rounds", gate: gate.round, rounds: rounds), gate: gate)
        end

        def first_of_round?(gate)
          @line.gates.find { |candidate| candidate.round == gate.round }.equal?(gate)
        end

        def countdown(gate, before_s)
          count = [Approach::COUNT_FROM, gate.start_s - before_s].min
          call(gate.start_s - count, "countdown", Approach::COUNTS.fetch(count), gate: gate) if count.positive?
        end

        def drink(gate)
          following = @line.gates[@line.gates.index(gate) + 1]
          return unless following && following.start_s - gate.end_s >= Breaks::FROM_S && gate.end_s < @line.end_s
          call(gate.end_s, "drink", Sparrow.say("plan.drink"), gate: gate)
        end

        # Only a cap ends a block by the clock.
        def ending
          return [] unless @line.ends_by_cap?
          begins_s = @line.start_s + @block.get_ready_s
          calls = [call(@line.end_s, "stop", Sparrow.say("plan.time")), call(@line.end_s - Approach::COUNT_FROM, "countdown", "3-2-1"), call(@line.end_s - 10, "ten_seconds", Sparrow.say("plan.ten_seconds"))]
          calls << call(begins_s + @block.cap_s / 2, "halfway", Sparrow.say("plan.halfway")) if @block.cap_s >= HALFWAY_FROM_S
          calls << call(@line.end_s - 60, "last_minute", Sparrow.say("plan.last_minute")) if @block.cap_s >= LAST_MINUTE_FROM_S
          calls.reject { |cue| cue.at_s < begins_s }
        end

        def call(at_s, kind, text, gate: nil)
          Cue.new(at_s, kind, text, nil, @block.id, gate&.station&.id, gate&.round)
        end
      end
    end
  end
end
