# frozen_string_literal: true

module Sparrow
  class Catalogue
    # One rung of a ladder: everything an instructor must know to offer it.
    # Demand is relative difficulty (share of body weight where it is known);
    # tempo is the default one; sides says what one set of it works.
    class Variation < Value.of(
      :id, :movement_id, :name, :levels, :demand, :levers, :impact, :position, :joints, :equipment, :space,
      :muscles, :sides, :counting, :measure, :tempo, :standard, :cues, :breathing, :cautions, :prerequisite, :target, :pattern, :strains
    )
      JOINTS = %w[knee hip ankle lower_back neck shoulder elbow wrist].freeze

      # What it asks that some must avoid, beyond joints, impact and position.
      STRAINS = %w[overhead head_low bends_forward straining].freeze

      def alternating?
        sides == "alternating"
      end

      def no_impact?
        impact == "none"
      end

      # @return [Boolean] counted in reps rather than held or kept up for a time
      def counted?
        measure == "reps"
      end

      # @return [Numeric] relative difficulty, above 0
      def demand_value
        demand.fetch("value")
      end
    end
  end
end
