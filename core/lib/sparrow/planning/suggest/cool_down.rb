# frozen_string_literal: true

module Sparrow
  module Planning
    module Suggest
      # A cool-down of a chosen length: stretches of the muscles that were worked
      # most, both sides timed.
      class CoolDown
        WORK_S = 60
        REST_S = 10
        SWITCH_S = 4

        # @param timeline [Plan::Timeline]
        def initialize(timeline, catalogue: Catalogue.house)
          @loads = Loads.new(timeline)
          @stretches = catalogue.select { |movement| movement.role == "cool_down" }
          @taken = timeline.workout.blocks.map(&:id)
        end

        # @param seconds [Integer] to fill from below
        # @return [Hash] "block" and "reasons", as WarmUp
        def call(seconds)
          chosen = choose([(seconds + REST_S) / (WORK_S + REST_S), 1].max)
          stations = chosen.each_with_index.map { |(movement, _), index| Suggest.station(movement, "s#{index + 1}", sides(movement)) }
          {"block" => {"id" => Suggest.free("cool-down", @taken), "title" => Sparrow.say("roles.cool_down").to_s, "role" => "cool_down", "format" => "intervals",
                       "rounds" => 1, "work_s" => WORK_S, "rest_s" => REST_S, "switch_s" => SWITCH_S, "stations" => stations},
           "reasons" => chosen.each_with_index.map { |(_, why), index| {"station" => "s#{index + 1}", "why" => why} }}
        end

        private

        def sides(movement)
          sided = Level::ALL.any? { |level| movement.rung_for(level).sides != "two_sided" }
          sided ? {"sides" => "split"} : {}
        end

        def choose(count)
          left = @stretches.dup
          reached = []
          chosen = []
          while chosen.size < count && left.any?
            best = left.max_by { |movement| [gain(movement, reached), worth(movement), movement.id] }
            chosen << [best, why(best, reached)]
            reached |= muscles_of(best)
            left -= [best]
          end
          chosen
        end

        def gain(movement, reached)
          (muscles_of(movement) - reached).sum { |muscle| @loads.muscles[muscle] }
        end

        def worth(movement)
          muscles_of(movement).sum { |muscle| @loads.muscles[muscle] }
        end

        def why(movement, reached)
          worked = (muscles_of(movement) - reached).select { |muscle| @loads.muscles[muscle].positive? }.sort_by { |muscle| -@loads.muscles[muscle] }.first(2)
          return Sparrow.say("planning.brings_breath_and_pulse_down") if worked.empty?
          Sparrow.say("planning.stretches_the_list_of_of_work", list: Suggest.list(worked), of: ClockText.of(@loads.muscles[worked.first] / 3))
        end

        def muscles_of(movement)
          movement.ladder.flat_map(&:muscles).uniq
        end
      end
    end
  end
end
