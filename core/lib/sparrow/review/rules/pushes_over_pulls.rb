# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Much more pushing than pulling.
      class PushesOverPulls < OrderRule
        TOPIC = "balance"
        SOURCE = "house"
        TIMES = 3
        LEAST = 3

        def findings
          pushes, pulls = %w[push pull].map { |kind| @facts.stations.select { |_, station| @facts.groups_of(station).include?(kind) } }
          return [] if pulls.empty? || pushes.size < LEAST || pushes.size < pulls.size * TIMES
          [finding("note", Place.workout, Sparrow.say("review.pushes_and_pulls", pushes: pushes.size, pulls: pulls.size), why: Sparrow.say("review.shoulders_want_both"), fix: -> { fixes(pushes) })]
        end

        private

        def fixes(pushes)
          fresh = NewStation.new(@facts)
          movements = fresh.movements { |movement| movement.pattern == "pull" }
          pushes.last(2).reverse.flat_map { |block, station| movements.first(3).map { |movement| fresh.instead(movement, block, station) } }
        end
      end
    end
  end
end
