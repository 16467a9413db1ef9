# frozen_string_literal: true

module Sparrow
  module Formats
    module Partner
      # Each pair at its own pace: a set, the partner's set, and so on; all wait for all at each round.
      class BySet < Paced::Layout
        private

        def steps(level)
          (1..@block.rounds).flat_map do |round|
            @block.stations_in(round).filter_map { |station| step([round, 0], station, round, level: level) if station.at(level) }
          end
        end

        # Both partners' sets, with the change over between.
        def seconds(prescription, counted, _sets)
          turns = @block.own.fetch("turns") * 2
          turns * prescription.set_s(counted) + (turns - 1) * @block.switch_s
        end

        def work(level, step)
          lane = @lanes.fetch(level)
          set_s = step.prescription.set_s(step.counted)
          (@block.own.fetch("turns") * 2).times do |turn|
            lane.write("transition", @block.switch_s, step.station, round: step.round) if turn.positive?
            next lane.write("rest", set_s, step.station, round: step.round) if turn.odd?
            @visits.fetch(level) << Plan::Visit.new(step.station, step.round, step.prescription, step.counted, lane.now_s, set_s)
            lane.write("work", set_s, step.station, round: step.round, level: step.prescription.level)
          end
        end
      end
    end
  end
end
