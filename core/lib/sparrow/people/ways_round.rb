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
        found = catalogue.alternatives(movement).find { |other| spared.call(other.variation) && other.variation.demand_value <= ceiling }
        found && Way.new(found.variation, found.kind)
      end

      # @return [Array<Catalogue::Variation>] what the movement names for what must be spared
      def self.named(movement, limits, catalogue)
        limits.filter_map { |limit| movement.spares[limit.kind] }.uniq.filter_map { |id| catalogue.variation(id) }
      end

      # @return [Boolean] whether a version is for a level or one below it
      def self.within?(variation, level)
        variation.levels.map { |band| Level.rank(band) }.min <= Level.rank(level)
      end
    end
  end
end
