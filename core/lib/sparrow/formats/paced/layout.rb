# frozen_string_literal: true

module Sparrow
  module Formats
    module Paced
      # What the formats share in which each goes at their own pace: steps taken
      # one after the other, the way between them, and gates at which all wait for
      # all. Everything here is a prediction.
      class Layout
        # One set, or one total in several, at a station. Steps of one +gate+ are
        # walked through before anybody waits.
        Step = Value.row(:gate, :station, :round, :prescription, :counted, :seconds, :sets)

        def initialize(block, start_s)
          @block = block
          @house = block.house
          @start_s = start_s
          @begins_s = start_s + block.get_ready_s
          @lanes = Level::ALL.to_h { |level| [level, Plan::LaneWriter.new(start_s).write("ready", block.get_ready_s)] }
          @visits = Level::ALL.to_h { |level| [level, []] }
          @gates = []
          @last = {}
        end

        # @return [Plan::BlockLine]
        def call
          steps = Level::ALL.to_h { |level| [level, steps(level)] }
          walk(steps.transform_values { |own| own.group_by(&:gate) })
          total_s = finish
          Plan::BlockLine.new(
            block: @block, start_s: @start_s, total_s: total_s,
            lanes: @lanes.transform_values { |lane| lane.segments.freeze }.freeze, visits: @visits.freeze, windows: [].freeze,
            gates: @gates.freeze, forecast: Level::ALL.to_h { |level| [level, forecast(level, steps.fetch(level))] }.freeze
          )
        end

        private

        # @return [Array<Step>] of a lane, in order
        def steps(_level)
          raise NotImplementedError, "#{self.class} has no steps"
        end

        def step(gate, station, round, level:, sets: nil)
          prescription = station.at(level)
          counted = station.counted(level, round)
          Step.new(gate, station, round, prescription, counted, seconds(prescription, counted, sets), sets)
        end

        def seconds(prescription, counted, sets)
          return prescription.set_s(counted) unless sets
          sets.sum { |count| prescription.set_s(count) } + (sets.size - 1) * @block.set_rest_s
        end

        # Gate by gate: each lane its own steps, then all wait for the slowest, then
        # the way on, which is the longest among those who go on.
        def walk(by_gate)
          order = by_gate.each_value.flat_map(&:keys).uniq.sort
          order.each_with_index do |gate, index|
            going = by_gate.select { |_, gates| gates.key?(gate) }
            start_s = going.each_key.map { |level| @lanes.fetch(level).now_s }.max
            going.each { |level, gates| take_steps(level, gates.fetch(gate)) }
            close(gate, going, start_s)
            following = order[index + 1]
            go_on(by_gate, gate, following) if following
          end
        end

        def take_steps(level, steps)
          steps.each_with_index do |step, index|
            way(level, steps[index - 1], step) if index.positive?
            work(level, step)
          end
        end

        def work(level, step)
          lane = @lanes.fetch(level)
          @visits.fetch(level) << Plan::Visit.new(step.station, step.round, step.prescription, step.counted, lane.now_s, step.seconds, step.sets)
          return lane.write("work", step.seconds, step.station, round: step.round, level: step.prescription.level) unless step.sets
          step.sets.each_with_index do |count, index|
            lane.write("rest", @block.set_rest_s, step.station, round: step.round) if index.positive?
            lane.write("work", step.prescription.set_s(count), step.station, round: step.round, level: step.prescription.level)
          end
        end

        # From one set to the next: the rest, with the walk inside it.
        def way(level, from, to)
          rest_s = rest_between(from, to)
          @lanes.fetch(level).write("rest", rest_s, from.station, round: from.round)
            .write("transition", [walk_s(from, to) - rest_s, 0].max, to.station, round: to.round)
        end

        def rest_between(from, to)
          (from.round != to.round && @block.round_rest_s) || from.prescription.rest_in(from.round)
        end

        def walk_s(from, to)
          (from.prescription.ends_up? == to.prescription.starts_up?) ? @house.transition_s : @house.position_change_s
        end

        def close(gate, going, start_s)
          first = going.each_value.first.fetch(gate).first
          arrivals = going.to_h { |level, _| [level, @lanes.fetch(level).now_s] }
          @gates << Plan::Gate.new(first.round, (first.station if @block.gate == "station"), start_s, arrivals)
          going.each { |level, gates| @last[level] = gates.fetch(gate).last }
          return if @block.gate == "free"
          end_s = arrivals.each_value.max
          going.each { |level, _| wait_until(level, end_s, @last.fetch(level)) }
        end

        def wait_until(level, second, step)
          lane = @lanes.fetch(level)
          lane.write("waiting", second - lane.now_s, step.station, round: step.round)
        end

        def go_on(by_gate, gate, following)
          onward = by_gate.filter_map { |level, gates| level if gates.key?(gate) && gates.key?(following) }
          onward.each { |level| way(level, @last.fetch(level), by_gate.fetch(level).fetch(following).first) }
          return if onward.empty? || @block.gate == "free"
          together_s = onward.map { |level| @lanes.fetch(level).now_s }.max
          onward.each { |level| wait_until(level, together_s, @last.fetch(level)) }
        end

        # The block is over when its slowest lane is, or at the cap.
        # @return [Integer] the block's seconds
        def finish
          @natural = @lanes.transform_values(&:now_s)
          end_s = @natural.each_value.max
          end_s = [end_s, @begins_s + @block.cap_s].min if @block.cap_s
          @lanes.each do |level, lane|
            @visits[level] = @visits.fetch(level).filter_map { |visit| Cut.visit(visit, end_s, @block.set_rest_s) } if lane.now_s > end_s
            lane.cut(end_s)
            lane.write("done", end_s - lane.now_s)
          end
          end_s - @start_s
        end

        def forecast(level, _steps)
          finish_s = arrival(level)
          Plan::Forecast.new(
            finish_s: finish_s && (finish_s - @begins_s), capped: @natural.fetch(level) > @begins_s + (@block.cap_s || Float::INFINITY),
            gates: gates_of(level), demand: Pace.demanded(@block, @visits.fetch(level), own_s(level))
          )
        end

        # When the lane's own work is through, without the wait at its last gate.
        def arrival(level)
          @gates.reverse_each { |gate| return gate.arrivals.fetch(level) if gate.arrivals.key?(level) }
          nil
        end

        def gates_of(level)
          waits = @gates.filter_map do |gate|
            next unless gate.arrivals.key?(level)
            at_s = gate.arrivals.fetch(level)
            Plan::Forecast::Wait.new(round: gate.round, station: gate.station&.id, takes_s: at_s - gate.start_s,
              waits_s: (@block.gate == "free") ? 0 : gate.end_s - at_s)
          end
          waits.freeze
        end

        # What the lane takes by itself: waiting for the others is not its own.
        OWN = %w[work rest transition].freeze
        private_constant :OWN

        def own_s(level)
          @lanes.fetch(level).segments.sum { |segment| OWN.include?(segment.kind) ? segment.seconds : 0 }
        end
      end
    end
  end
end
