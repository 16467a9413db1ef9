# frozen_string_literal: true

module Sparrow
  module Plan
    module Cues
      # The calls of a block that the people pace: what is to be done, which round, 3-2-1 and go at each gate, and the end
      # where there is a cap. A set is over when it is over; but where all begin together a hold's end is called, for each
      # level its own.
      class PacedCalls
        HALFWAY_FROM_S = 120
        LAST_MINUTE_FROM_S = 180
        LAST_MINUTE_S = 60

        def initialize(line)
          @line = line
          @block = line.block
        end

        # @param before [#start_s, #end_s, nil] the work before the block
        # @return [Array<Wish>]
        def wishes(before: nil)
          @before = before
          before_s = @line.start_s
          calls = (@line.gates || []).each_with_index.flat_map do |gate, index|
            next [] if gate.start_s >= @line.end_s
            approach = Approach.wishes(place(gate, before_s, index))
            before_s = [gate.end_s, @line.end_s].min
            [*approach, *holds(gate)]
          end
          calls + ending
        end

        private

        # Nobody here is told while they work: each is through when they are.
        def place(gate, before_s, index)
          working_s = (index.zero? && @before && @before.end_s == before_s) ? @before.start_s : before_s
          Approach::Place.new(gate.start_s, before_s, working_s, (working_s < before_s) ? 1 : 0, @block, gate.station, gate.round, (@block.name if index.zero?), (@block.round_count if rounds_called? && first_of_round?(gate)),
            false, task(gate), [go_kind(gate), *go(gate)])
        end

        def go_kind(gate)
          (@before && @before.end_s == gate.start_s) ? "change" : "go"
        end

        def go(gate)
          (go_kind(gate) == "change") ? [Sparrow.say("plan.change_name", name: @block.stations.first.name), Sparrow.say("plan.change")] : [Sparrow.say("plan.go")]
        end

        def rounds_called?
          @block.round_count > 1 && !@block.format.counts_rounds? && @block.gate != "free"
        end

        def task(gate)
          return [Sparrow.say("plan.next_name", name: gate.station.name)] if gate.station
          list = @block.stations_in(gate.round).map(&:name)
          whole = @block.format.counts_rounds? ? Sparrow.say("plan.as_many_rounds_as_you_can", list: list.join(", ")) : Sparrow.say("plan.next_list", list: list.join(", "))
          [whole, Sparrow.say("plan.next_name", name: list.first)]
        end

        def first_of_round?(gate)
          @line.gates.find { |candidate| candidate.round == gate.round }.equal?(gate)
        end

        # @return [Array<Wish>]
        def holds(gate)
          return [] unless gate.station
          held = gate.arrivals.each_key.to_h { |lane| [lane, gate.station.at(@block.level_taken(lane, gate.round))] }
          return [] unless held.each_value.all? { |prescription| prescription.hold && prescription.reps.nil? }
          held.keys.group_by { |lane| gate.arrivals.fetch(lane) }.flat_map do |at_s, lanes|
            next [] if at_s > @line.end_s
            all = lanes.size == held.size
            texts = [(Level.stop(lanes) unless all), Sparrow.say("plan.stop")].compact
            [wish("stop", texts.map { |text| Speech.way(at_s, text) }, gate, levels: (lanes unless all)),
              wish("countdown", Approach.counts(at_s, at_s - gate.start_s - 1), gate, levels: (lanes unless all))].select { |one| one.ways.any? }
          end
        end

        # Only a cap ends a block by the clock.
        def ending
          return [] unless @line.ends_by_cap?
          begins_s = @line.start_s + @block.get_ready_s
          end_s = @line.end_s
          said = [["stop", end_s, Sparrow.say("plan.time")], ["ten_seconds", end_s - 10, Sparrow.say("plan.ten_seconds")],
            (["halfway", begins_s + @block.cap_s / 2, Sparrow.say("plan.halfway")] if @block.cap_s >= HALFWAY_FROM_S),
            (["last_minute", end_s - LAST_MINUTE_S, Sparrow.say("plan.last_minute")] if @block.cap_s >= LAST_MINUTE_FROM_S)].compact
          calls = said.select { |_, at_s, _| at_s > begins_s }.map { |kind, at_s, text| wish(kind, [Speech.way(at_s, text)]) }
          count = Approach.counts(end_s, [end_s - begins_s - 1, 0].max)
          count.any? ? [*calls, wish("countdown", count)] : calls
        end

        def wish(kind, ways, gate = nil, levels: nil)
          Wish.new(kind, ways, levels, @block.id, gate&.station&.id, gate&.round)
        end
      end
    end
  end
end
