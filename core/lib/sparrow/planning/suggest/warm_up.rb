# frozen_string_literal: true

module Sparrow
  module Planning
    module Suggest
      # A warm-up of a chosen length: first what raises the pulse, then what moves
      # the joints and patterns that the class loads later, the most loaded first.
      class WarmUp
        WORK_S = 35
        REST_S = 5
        GET_READY_S = 10
        # A third of the time, and at least one move, goes to the pulse.
        PULSE_PART = Rational(1, 3)
        PULSE = %w[gait jump].freeze

        # @param timeline [Plan::Timeline]
        def initialize(timeline, catalogue: Catalogue.house)
          @loads = Loads.new(timeline)
          @moves = catalogue.select { |movement| movement.role == "warm_up" }
          @taken = timeline.workout.blocks.map(&:id)
        end

        # @param seconds [Integer] to fill from below
        # @return [Hash] "block" (in the document's form) and "reasons" ({"station", "why"})
        def call(seconds)
          chosen = choose([(seconds - GET_READY_S + REST_S) / (WORK_S + REST_S), 1].max)
          stations = chosen.each_with_index.map { |(movement, _), index| Suggest.station(movement, "s#{index + 1}") }
          {"block" => {"id" => Suggest.free("warm-up", @taken), "title" => Sparrow.say("roles.warm_up").to_s, "role" => "warm_up", "format" => "intervals",
                       "get_ready_s" => GET_READY_S, "rounds" => 1, "work_s" => WORK_S, "rest_s" => REST_S, "stations" => stations},
           "reasons" => chosen.each_with_index.map { |(_, why), index| {"station" => "s#{index + 1}", "why" => why} }}
        end

        private

        def choose(count)
          pulse = raising.first([(count * PULSE_PART).ceil, 1].max)
          rest = [count - pulse.size, 0].max
          movers = moving.first(rest).sort_by.with_index { |(movement, _), index| [mobility?(movement) ? 0 : 1, index] }
          pulse + movers
        end

        def raising
          @moves.select { |movement| PULSE.include?(movement.pattern) }.sort_by { |movement| [-joints_of(movement).sum { |joint| @loads.joints[joint] }, movement.id] }
            .map { |movement| [movement, Sparrow.say("planning.raises_the_pulse_gently_first")] }
        end

        # Each next move is the one that reaches most of what no other has reached yet.
        def moving
          left = @moves.reject { |movement| PULSE.include?(movement.pattern) }
          reached = []
          chosen = []
          until left.empty?
            best = left.max_by { |movement| [gain(movement, reached), worth(movement), movement.id] }
            chosen << [best, why(best)]
            reached |= joints_of(best)
            left -= [best]
          end
          chosen
        end

        def gain(movement, reached)
          (joints_of(movement) - reached).sum { |joint| @loads.joints[joint] } + @loads.patterns[movement.pattern]
        end

        def worth(movement)
          joints_of(movement).sum { |joint| @loads.joints[joint] }
        end

        def why(movement)
          later_s = @loads.patterns[movement.pattern] / 3
          return Sparrow.say("planning.rehearses_the_suggest_of_of_it", suggest: Suggest.words(movement.pattern), of: ClockText.of(later_s)) if later_s.positive?
          joints = joints_of(movement).select { |joint| @loads.joints[joint].positive? }.sort_by { |joint| -@loads.joints[joint] }.first(3)
          return Sparrow.say("planning.keeps_everything_moving_nothing_later_asks") if joints.empty?
          Sparrow.say("planning.moves_the_list_of_of_load", list: Suggest.list(joints), of: ClockText.of(joints.map { |joint| @loads.joints[joint] }.max / 3))
        end

        def mobility?(movement)
          movement.pattern == "mobility"
        end

        def joints_of(movement)
          movement.rung_for("intermediate").joints
        end
      end
    end
  end
end
