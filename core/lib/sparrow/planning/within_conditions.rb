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

      # @return [Hash{String => Hash}] of each movement that has versions that keep to them, with what a new station of it
      #   opens at each level: the nearest version to the level's own that does, and is no harder
      def opens
        @catalogue.to_h { |movement| [movement.id, levels(movement)] }.compact
      end

      private

      def levels(movement)
        kept = movement.ladder.select { |variation| @conditions.keeps?(variation) }
        nearest = Level::ALL.to_h { |level| [level, nearest(kept, movement.variation_for(level))] }
        nearest.map { |level, variation| [level, movement.opening(level, variation)] }.to_h if nearest.values.all?
      end

      def nearest(kept, own)
        kept.include?(own) ? own : kept.select { |variation| variation.demand_value <= own.demand_value }.max_by(&:demand_value)
      end
    end
  end
end
