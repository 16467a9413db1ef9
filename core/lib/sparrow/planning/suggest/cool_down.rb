# frozen_string_literal: true

module Sparrow
  module Planning
    module Suggest
      # A cool-down of a chosen length: a slow walk, then stretches of the muscles that were
      # worked most in what each level was really given, both sides timed, from standing down to the floor; calm
      # breathing at the end where there is time.
      class CoolDown
        WORK_S = 60
        # Twenty seconds a side at least.
        LEAST_WORK_S = 40
        REST_S = 10
        SWITCH_S = 4
        WALK = "gait"
        BREATHING = "mobility"
        # With more than so many moves the last one is calm breathing.
        BREATHING_FROM = 4
        # From standing by way of sitting to the floor.
        ORDER = {"standing" => 0, "seated" => 1}.freeze

        # @param timeline [Plan::Timeline]
        def initialize(timeline, catalogue: Catalogue.house)
          @loads = Loads.new(timeline)
          @opens = Suggest.moves(timeline, catalogue, "cool_down")
          @moves = @opens.keys
          @taken = timeline.workout.blocks.map(&:id)
        end

        # @param seconds [Integer] to fill from below, to within a second a move
        # @return [Hash] "block" and "reasons", as WarmUp
        def call(seconds)
          chosen = choose(slots(seconds, WORK_S), slots(seconds, LEAST_WORK_S))
          work_s = [(seconds + REST_S) / chosen.size - REST_S, LEAST_WORK_S / 2].max
          stations = chosen.each_with_index.map { |(movement, _), index| Suggest.station(movement, "s#{index + 1}", Suggest.sides(movement, @opens.fetch(movement)), opens: @opens.fetch(movement)) }
          {"block" => {"id" => Suggest.free("cool-down", @taken), "title" => Sparrow.say("roles.cool_down").to_s, "role" => "cool_down", "format" => "intervals",
                       "rounds" => 1, "work_s" => work_s, "rest_s" => REST_S, "switch_s" => SWITCH_S, "stations" => stations},
           "reasons" => chosen.each_with_index.map { |(_, why), index| {"station" => "s#{index + 1}", "why" => why} }}
        end

        private

        def slots(seconds, work_s)
          [(seconds + REST_S) / (work_s + REST_S), 1].max
        end

        # As many as a minute each allows; more and shorter ones only for muscles that were worked much.
        def choose(count, most)
          walk = (count > 1) ? settling(WALK, Sparrow.say("planning.brings_breath_and_pulse_down")) : []
          breathing = (count > BREATHING_FROM) ? settling(BREATHING, Sparrow.say("planning.ends_calmly")) : []
          around = walk.size + breathing.size
          chosen = stretches(count - around, most - around)
          found = walk + in_order(chosen) + breathing
          found.any? ? found : @moves.first(1).map { |movement| [movement, Sparrow.say("planning.ends_calmly")] }
        end

        def settling(pattern, why)
          @moves.select { |movement| movement.pattern == pattern }.first(1).map { |movement| [movement, why] }
        end

        def stretches(count, most)
          left = @moves.select { |movement| movement.pattern == "stretch" }
          reached = []
          chosen = []
          while left.any? && (chosen.size < count || (chosen.size < most && much_left?(reached)))
            best = left.max_by { |movement| [gain(movement, reached), -reaches(movement).size, movement.id] }
            break if gain(best, reached).zero?
            chosen << [best, why(best, reached)]
            reached |= reaches(best)
            left -= [best]
          end
          chosen
        end

        # @return [Boolean] whether a muscle that was worked much is not stretched yet
        def much_left?(reached)
          (reachable - reached).any? { |level, muscle| @loads.muscles[level][muscle] >= Loads::MUCH_S }
        end

        def reachable
          @reachable ||= @moves.select { |movement| movement.pattern == "stretch" }.flat_map { |movement| reaches(movement) }.uniq
        end

        # @return [Array<Array(String, String)>] what it stretches, by level
        def reaches(movement)
          Level::ALL.flat_map { |level| movement_at(movement, level).muscles.map { |muscle| [level, muscle] } }
        end

        # What was worked much and is not stretched yet counts before all else.
        def gain(movement, reached)
          (reaches(movement) - reached).sum do |level, muscle|
            seconds = @loads.muscles[level][muscle]
            (seconds >= Loads::MUCH_S) ? seconds * 10 : seconds
          end
        end

        def in_order(chosen)
          chosen.sort_by.with_index { |(movement, _), index| [ORDER.fetch(movement_at(movement, "intermediate").position, 2), index] }
        end

        def why(movement, reached)
          fresh = (reaches(movement) - reached).map(&:last).uniq
          worked = fresh.select { |muscle| work(muscle).positive? }.sort_by { |muscle| -work(muscle) }.first(2)
          Sparrow.say("planning.stretches_the_list_of_of_work", list: Suggest.list(worked), of: ClockText.of(work(worked.first)))
        end

        def movement_at(movement, level)
          movement.variation(@opens.fetch(movement).fetch(level).fetch("variation"))
        end

        def work(muscle)
          @loads.most(@loads.muscles, muscle)
        end
      end
    end
  end
end
