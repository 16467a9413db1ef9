# frozen_string_literal: true

module Sparrow
  module Planning
    # What a class with conditions may be made of: no kit, no jumps, standing or seated only, a small room.
    class WithinConditions
      # @param conditions [Plan::Conditions]
      def initialize(conditions, catalogue: Catalogue.house)
        @conditions = conditions
        @catalogue = catalogue
      end

      # @return [Hash{String => Hash}] of each movement that has a version that keeps to them, with what a new station of it
      #   opens at each level: the nearest version to the level's own that does
      def opens
        @catalogue.to_h { |movement| [movement.id, levels(movement)] }.compact
      end

      private

      def levels(movement)
        kept = movement.ladder.select { |variation| @conditions.keeps?(variation) }
        return if kept.empty?
        Level::ALL.to_h do |level|
          own = movement.variation_for(level)
          [level, movement.opening(level, kept.include?(own) ? own : kept.min_by { |variation| (variation.demand_value - own.demand_value).abs })]
        end
      end
    end
  end
end
