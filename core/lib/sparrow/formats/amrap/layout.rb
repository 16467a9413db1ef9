# frozen_string_literal: true

module Sparrow
  module Formats
    module Amrap
      # As many rounds as possible before the cap. A round includes the way back to
      # its start.
      class Layout < Paced::Layout
        private

        def steps(level)
          return [] if idle?(level)
          round_s = round_s(level)
          # One begun, and one more, so that the way back to its start is walked too: the cap cuts it.
          rounds = (@block.cap_s / round_s) + 2
          (1..rounds).flat_map { |round| round(level, round) }
        end

        def round(level, number)
          @block.stations.filter_map { |station| step([0, 0], station, number, level: level) if station.at(level) }
        end

        def idle?(level)
          @block.stations.none? { |station| station.at(level) }
        end

        def close(gate, going, start_s)
          going.each { |level, gates| @last[level] = gates.fetch(gate).last }
          @gates << Plan::Gate.new(1, nil, start_s, going.to_h { |level, _| [level, @begins_s + @block.cap_s] })
        end

        # @return [Integer] seconds of a whole round, at least 1
        def round_s(level)
          steps = round(level, 1)
          ways = steps.each_index.sum { |index| [walk_s(steps[index - 1], steps[index]), steps[index - 1].prescription.rest_in(1)].max }
          [steps.sum(&:seconds) + ways, 1].max
        end

        def forecast(level, _steps)
          return Plan::Forecast.new(rounds: 0, round_s: 0, remainder_s: 0, into_next: [].freeze) if idle?(level)
          round_s = round_s(level)
          rounds = @block.cap_s / round_s
          begun = @visits.fetch(level).select { |visit| visit.round == rounds + 1 }
          Plan::Forecast.new(
            rounds: rounds, round_s: round_s, remainder_s: @block.cap_s % round_s,
            into_next: begun.map { |visit| Plan::Forecast::Part.new(station: visit.station.id, reps: visit.counted, seconds: visit.work_s) }.freeze
          )
        end
      end
    end
  end
end
