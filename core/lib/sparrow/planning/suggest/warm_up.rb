# frozen_string_literal: true

module Sparrow
  module Planning
    module Suggest
      # A warm-up of a chosen length: a third of it raises the pulse, then joints are moved and patterns
      # rehearsed that the class loads later, the most loaded first; before jumps it builds up to them. One
      # gets down to the floor once at most, at the end. Where there is time to spare, all goes round
      # a second time, bigger, in the place of moves that nothing asks for.
      class WarmUp
        WORK_S = 35
        REST_S = 5
        GET_READY_S = 10
        PULSE_PART = Rational(1, 3)
        PULSE = %w[gait jump].freeze
        BUILD_UP = "jump"
        # From so many moves on there is a second round.
        TWO_ROUNDS_FROM = 8

        # @param timeline [Plan::Timeline]
        def initialize(timeline, catalogue: Catalogue.house)
          @loads = Loads.new(timeline)
          @opens = Suggest.moves(timeline, catalogue, "warm_up")
          @moves = @opens.keys
          @taken = timeline.workout.blocks.map(&:id)
        end

        # @param seconds [Integer] to fill from below, to within a second a move
        # @return [Hash] "block" (in the document's form) and "reasons" ({"station", "why"})
        def call(seconds)
          moves = [(seconds - GET_READY_S + REST_S) / (WORK_S + REST_S), 1].max
          chosen = choose(moves / 2)
          rounds = (moves >= TWO_ROUNDS_FROM && readies_all?(chosen)) ? 2 : 1
          chosen = choose(moves) if rounds == 1
          work_s = [(seconds - GET_READY_S + REST_S) / (chosen.size * rounds) - REST_S, 10].max
          {"block" => block(chosen, rounds, work_s), "reasons" => chosen.each_with_index.map { |(_, why), index| {"station" => "s#{index + 1}", "why" => why} }}
        end

        private

        # @return [Boolean] whether every joint that a level loads much is moved there
        def readies_all?(chosen)
          Level::ALL.all? do |level|
            moved = chosen.flat_map { |movement, _| joints_of(movement_at(movement, level)) }
            @loads.joints[level].all? { |joint, seconds| seconds < Loads::MUCH_S || moved.include?(joint) }
          end
        end

        def block(chosen, rounds, work_s)
          stations = chosen.each_with_index.map { |(movement, _), index| Suggest.station(movement, "s#{index + 1}", Suggest.sides(movement, @opens.fetch(movement)), opens: @opens.fetch(movement)) }
          block = {"id" => Suggest.free("warm-up", @taken), "title" => Sparrow.say("roles.warm_up").to_s, "role" => "warm_up", "format" => "intervals",
                   "get_ready_s" => GET_READY_S, "rounds" => rounds, "work_s" => work_s, "rest_s" => REST_S, "stations" => stations}
          (rounds > 1) ? block.merge("note" => Sparrow.say("planning.the_second_round_is_bigger").to_s) : block
        end

        def choose(count)
          pulse = raising.first([(count * PULSE_PART).ceil, 1].max)
          left = [count - pulse.size, 0].max
          build_up = (@loads.jumps? && left > 1) ? building_up : []
          movers = moving(left - build_up.size).sort_by.with_index { |(movement, _), index| [down?(movement) ? 2 : 0, mobility?(movement) ? 0 : 1, index] }
          standing, floor = movers.partition { |movement, _| !down?(movement) }
          pulse + standing + build_up + floor
        end

        def raising
          @moves.select { |movement| movement.pattern == "gait" }.sort_by { |movement| [-readied(movement), movement.id] }
            .map { |movement| [movement, Sparrow.say("planning.raises_the_pulse_gently_first")] }
        end

        def building_up
          @moves.select { |movement| movement.pattern == BUILD_UP }.first(1).map { |movement| [movement, Sparrow.say("planning.builds_up_to_the_jumps")] }
        end

        # Each next move is the one that readies most of what no other has yet.
        def moving(count)
          left = @moves.reject { |movement| PULSE.include?(movement.pattern) }
          reached = []
          chosen = []
          while chosen.size < count && left.any?
            best = left.max_by { |movement| [gain(movement, reached), readied(movement), down?(movement) ? 0 : 1, movement.id] }
            chosen << [best, why(best)]
            reached |= Level::ALL.flat_map { |level| joints_of(movement_at(best, level)).map { |joint| [level, joint] } }
            left -= [best]
          end
          chosen
        end

        # Joints that are much loaded at a level and not yet moved there count before all else.
        def gain(movement, reached)
          Level::ALL.sum do |level|
            fresh = joints_of(movement_at(movement, level)).reject { |joint| reached.include?([level, joint]) }
            fresh.sum { |joint| weight(@loads.joints[level][joint]) } + @loads.patterns[level][movement.pattern]
          end
        end

        def weight(seconds)
          (seconds >= Loads::MUCH_S) ? seconds * 10 : seconds
        end

        def readied(movement)
          Level::ALL.sum { |level| joints_of(movement_at(movement, level)).sum { |joint| @loads.joints[level][joint] } }
        end

        def why(movement)
          later_s = @loads.most(@loads.patterns, movement.pattern)
          return Sparrow.say("planning.rehearses_the_suggest_of_of_it", suggest: Suggest.words(movement.pattern), of: ClockText.of(later_s)) if later_s.positive?
          joints = Level::ALL.flat_map { |level| joints_of(movement_at(movement, level)) }.uniq.select { |joint| load(joint).positive? }.sort_by { |joint| -load(joint) }.first(3)
          return Sparrow.say("planning.keeps_everything_moving_nothing_later_asks") if joints.empty?
          Sparrow.say("planning.moves_the_list_of_of_load", list: Suggest.list(joints), of: ClockText.of(joints.map { |joint| load(joint) }.max))
        end

        def load(joint)
          @loads.most(@loads.joints, joint)
        end

        def mobility?(movement)
          movement.pattern == "mobility"
        end

        # @return [Boolean] whether any level gets down to the floor for it
        def down?(movement)
          Level::ALL.any? { |level| movement_at(movement, level).gets_down }
        end

        def movement_at(movement, level)
          movement.variation(@opens.fetch(movement).fetch(level).fetch("variation"))
        end

        # What a version readies: what it moves, and of a rehearsed pattern what it loads too.
        def joints_of(variation)
          (variation.pattern == "mobility") ? variation.moves : variation.moves | variation.joints
        end
      end
    end
  end
end
