# frozen_string_literal: true

module Sparrow
  module Capacity
    # What an estimate predicts, fresh, at every variation of a pattern's ladders.
    module Prediction
      # @param profile [Profile]
      # @param catalogue [Catalogue]
      # @return [Array<Hash>] "movement", "name" and "variations" ({id, name, amount, unit, levels}), easiest first
      def self.of(pattern, profile, catalogue)
        movements = catalogue.select { |movement| movement.pattern == pattern && movement.role == "main" }
        movements.map do |movement|
          {"movement" => movement.id, "name" => movement.name, "variations" => movement.ladder.map { |variation| variation(variation, pattern, profile) }}
        end
      end

      def self.variation(variation, pattern, profile)
        by_time = Capacity.by_time?(variation)
        amount = by_time ? profile.seconds(pattern, variation.demand_value) : profile.moves(pattern, variation.demand_value)
        {"id" => variation.id, "name" => variation.name, "levels" => variation.levels, "demand" => variation.demand_value, "amount" => amount && (amount + Forecast::TOLERANCE).floor(1), "unit" => by_time ? "s" : "reps"}
      end
      private_class_method :variation
    end
  end
end
