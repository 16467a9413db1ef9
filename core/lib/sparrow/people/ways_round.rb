# frozen_string_literal: true

module Sparrow
  module People
    # What stands in place of a ladder for somebody who must spare something: the level's own
    # version where it spares it, another of the ladder itself, the version that the catalogue names for the joint (whatever
    # its pattern), another ladder of the pattern, or one that works most of the same muscles.
    # Never a skill, and never what loads the thing that is spared.
    module WaysRound
      # +kind+ says from where the version comes: "own", "named", "pattern" or "muscles".
      Way = Value.row(:variation, :kind)
      # So much of what the ladder works must be worked by what stands in for it, the first named among it.
      MOST = Rational(1, 2)
      # Muscles are named in the order in which they work: so many of them work most.
      WORK_MOST = 2
      BALANCE = "balance_skill"

      # @param movement [Catalogue::Movement]
      # @param limits [Array<Limits::Limit>]
      # @param level [String] nothing from above its band is given
      # @param catalogue [Catalogue]
      # @return [Way, nil] the first that spares all of them, nil where nothing does. What nobody named for it
      #   asks no more than the level's own version
      def self.first(movement, limits, level:, catalogue: Catalogue.house)
        spared = ->(variation) { limits.none? { |limit| limit.rules_out?(variation) } && within?(variation, level) }
        own = [movement.variation_for(level), *movement.ladder.reverse].find(&spared)
        return Way.new(own, "own") if own
        named = named(movement, limits, catalogue).find(&spared)
        return Way.new(named, (named.pattern == movement.pattern) ? "pattern" : "named") if named
        ceiling = movement.variation_for(level).demand_value
        candidates(movement, catalogue).find { |way| spared.call(way.variation) && way.variation.demand_value <= ceiling }
      end

      # Versions of other ladders that nobody named, in the order in which they are thought of: what works most of the same
      # muscles, first of the pattern itself; then the rest of the pattern.
      # @return [Array<Way>]
      def self.candidates(movement, catalogue)
        alike, others = catalogue.reject { |other| other == movement || other.role != movement.role || skill?(other) || (other.pattern == BALANCE && movement.pattern != BALANCE) }
          .partition { |other| other.pattern == movement.pattern }
        sharing, rest = alike.flat_map(&:ladder).partition { |variation| shares?(variation, movement) }
        [*ways(sharing, "pattern"), *ways(others.flat_map(&:ladder).select { |variation| shares?(variation, movement) }, "muscles"), *ways(rest, "pattern")]
      end

      # @return [Array<Catalogue::Variation>] what the movement names for what must be spared
      def self.named(movement, limits, catalogue)
        limits.filter_map { |limit| movement.spares[limit.kind] }.uniq.filter_map { |id| catalogue.variation(id) }
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

      def self.ways(variations, kind)
        variations.sort_by { |variation| [-variation.demand_value, variation.id] }.map { |variation| Way.new(variation, kind) }
      end

      # @return [Boolean] whether a version is for a level or one below it
      def self.within?(variation, level)
        variation.levels.map { |band| Level.rank(band) }.min <= Level.rank(level)
      end
      private_class_method :ways
    end
  end
end
