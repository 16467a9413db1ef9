# frozen_string_literal: true

module Sparrow
  class Catalogue
    # What other ladders have for who cannot do a movement: what works most of the same muscles, first of the pattern itself;
    # then the rest of the pattern. Never a skill.
    module Alternatives
      # +kind+ says what it shares: "pattern" or "muscles".
      Alternative = Value.row(:variation, :kind)
      # So much of what the ladder works must be worked by what stands in for it, the first named among it.
      MOST = Rational(1, 2)
      # Muscles are named in the order in which they work: so many of them work most.
      WORK_MOST = 2
      BALANCE = "balance_skill"

      # @param movement [Movement]
      # @param catalogue [Catalogue]
      # @return [Array<Alternative>] in the order in which they are thought of
      def self.of(movement, catalogue)
        alike, others = catalogue.reject { |other| other == movement || other.role != movement.role || skill?(other) || (other.pattern == BALANCE && movement.pattern != BALANCE) }
          .partition { |other| other.pattern == movement.pattern }
        sharing, rest = alike.flat_map(&:ladder).partition { |variation| shares?(variation, movement) }
        [*sorted(sharing, "pattern"), *sorted(others.flat_map(&:ladder).select { |variation| shares?(variation, movement) }, "muscles"), *sorted(rest, "pattern")].freeze
      end

      # @return [Boolean] whether it is learnt for itself: a balance on the hands
      def self.skill?(movement)
        movement.pattern == BALANCE && movement.ladder.any? { |variation| variation.weight_on.include?("hands") }
      end

      # @return [Boolean] whether a version works most of what a ladder works
      def self.shares?(variation, movement)
        worked = movement.variation_for("intermediate").muscles
        variation.muscles.first(WORK_MOST).include?(worked.first) && (variation.muscles & worked).size >= worked.size * MOST
      end

      def self.sorted(variations, kind)
        variations.sort_by { |variation| [-variation.demand_value, variation.id] }.map { |variation| Alternative.new(variation, kind) }
      end
      private_class_method :sorted
    end
  end
end
