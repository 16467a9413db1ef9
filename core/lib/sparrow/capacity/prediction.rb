# frozen_string_literal: true

module Sparrow
  module Capacity
    # What an estimate predicts, fresh, at every rung of a pattern's ladders.
    module Prediction
      # @param profile [Profile]
      # @param catalogue [Catalogue]
      # @return [Array<Hash>] "movement", "name" and "rungs" ({id, name, amount, unit, levels}), easiest first
      def self.of(pattern, profile, catalogue)
        movements = catalogue.select { |movement| movement.pattern == pattern && movement.role == "main" }
        movements.map do |movement|
          {"movement" => movement.id, "name" => movement.name, "rungs" => movement.ladder.map { |rung| rung(rung, pattern, profile) }}
        end
      end

      def self.rung(rung, pattern, profile)
        by_time = !rung.counted? || BY_TIME.include?(pattern)
        amount = by_time ? profile.seconds(pattern, rung.demand_value) : profile.moves(pattern, rung.demand_value)
        {"id" => rung.id, "name" => rung.name, "levels" => rung.levels, "demand" => rung.demand_value, "amount" => amount && (amount + Forecast::TOLERANCE).floor(1), "unit" => by_time ? "s" : "reps"}
      end
      private_class_method :rung
    end
  end
end
