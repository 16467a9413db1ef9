# frozen_string_literal: true

module Sparrow
  module Capacity
    # Strength index per pattern, and the longest hold at a reference demand. Of a person also how far each is trusted,
    # as a factor on the number predicted, and what is there at least, shown by targets that were met.
    class Profile < Value.of(:name, :strengths, :holds, :trust, :least_strengths, :least_holds)
      Hold = Value.row(:seconds, :demand) do
        # @return [Numeric] seconds at a demand of 1: what holds are compared by
        def reference
          seconds * demand**2
        end
      end
      # Factors on the number predicted: for reps, for what is measured by time, and for what is there at least.
      Trust = Value.row(:reps, :time, :least)
      WHOLE = Trust.new(1, 1, 1).freeze

      # @return [Profile] of a level, from core/data/house/profiles.yml
      def self.of_level(level)
        levels.fetch(level)
      end

      def self.levels
        @levels ||= Level::ALL.to_h { |level| [level, read(level, written)] }.freeze
      end

      def self.written
        @written ||= YAML.safe_load_file(File.join(DATA, "house", "profiles.yml")).freeze
      end

      # @param yields [String] "reps" or "hold"
      # @return [String, nil] the version at which a level's profile is told
      def self.anchor(pattern, level, yields)
        held = written.dig(pattern, yields)
        (yields == "hold") ? held&.fetch("variation") : held&.dig(level, "variation")
      end

      def self.read(level, input)
        strengths = input.filter_map { |pattern, held| held["reps"] && [pattern, strength(pattern, held["reps"].fetch(level))] }
        holds = input.to_h { |pattern, held| [pattern, Hold.new(held["hold"].fetch(level), demand(held["hold"].fetch("variation"))).freeze] }
        new(name: level, strengths: strengths.to_h.freeze, holds: holds.freeze, trust: {}.freeze, least_strengths: {}.freeze, least_holds: {}.freeze)
      end

      def self.strength(pattern, reps)
        Capacity.strength(demand(reps.fetch("variation")), reps.fetch("most"), Capacity.k(pattern))
      end

      def self.demand(variation)
        Catalogue.house.variation(variation).exact_demand
      end
      private_class_method :levels, :written, :read, :strength, :demand

      # @param load [Load]
      # @return [Float, nil] the fresh maximum of what a set asks: moves per working side, or seconds
      def most(load)
        load.by_time ? seconds(load.pattern, load.demand) : moves(load.pattern, load.demand)
      end

      # @return [Float, nil] moves per working side, fresh; nil where the profile says nothing
      def moves(pattern, demand)
        strength = strengths[pattern] or return
        k = Capacity.k(pattern)
        trusted = trust.fetch(pattern, WHOLE)
        found = Capacity.moves(strength.to_f, demand.to_f, k) * trusted.reps
        least = least_strengths[pattern]
        least ? [found, Capacity.moves(least.to_f, demand.to_f, k) * trusted.least].max : found
      end

      # @return [Float, nil] seconds, fresh
      def seconds(pattern, demand)
        hold = holds[pattern] or return
        trusted = trust.fetch(pattern, WHOLE)
        found = Capacity.seconds(hold.seconds.to_f, hold.demand.to_f, demand.to_f) * trusted.time
        least = least_holds[pattern]
        least ? [found, Capacity.seconds(least.seconds.to_f, least.demand.to_f, demand.to_f) * trusted.least].max : found
      end
    end
  end
end
