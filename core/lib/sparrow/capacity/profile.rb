# frozen_string_literal: true

module Sparrow
  module Capacity
    # Strength index per pattern, and the longest hold at a reference demand.
    class Profile < Value.of(:name, :strengths, :holds)
      Hold = Value.row(:seconds, :demand)

      # @return [Profile] of a level, from core/data/house/profiles.yml
      def self.of_level(level)
        levels.fetch(level)
      end

      def self.levels
        @levels ||= begin
          input = YAML.safe_load_file(File.join(DATA, "house", "profiles.yml"))
          Level::ALL.to_h { |level| [level, read(level, input)] }.freeze
        end
      end

      def self.read(level, input)
        strengths = input.filter_map { |pattern, held| held["reps"] && [pattern, strength(held["reps"].fetch(level))] }
        holds = input.to_h { |pattern, held| [pattern, Hold.new(held["hold"].fetch(level), demand(held["hold"].fetch("variation"))).freeze] }
        new(name: level, strengths: strengths.to_h.freeze, holds: holds.freeze)
      end

      def self.strength(reps)
        Capacity.strength(demand(reps.fetch("variation")), reps.fetch("most")).to_f
      end

      def self.demand(variation)
        Rational(Catalogue.house.variation(variation).demand_value.to_s)
      end
      private_class_method :levels, :read, :strength, :demand

      # @param load [Load]
      # @param part [Numeric] of the strength that is there today
      # @return [Float, nil] the fresh maximum of what a set asks: moves per working side, or seconds
      def most(load, part: 1)
        load.by_time ? seconds(load.pattern, load.demand, part: part) : moves(load.pattern, load.demand, part: part)
      end

      # @param part [Numeric] of the strength that is there today
      # @return [Float, nil] moves per working side, fresh; nil where the profile says nothing
      def moves(pattern, demand, part: 1)
        strength = strengths[pattern]
        strength && Capacity.moves(strength * part, demand.to_f)
      end

      # @return [Float, nil] seconds, fresh
      def seconds(pattern, demand, part: 1)
        hold = holds[pattern]
        hold && Capacity.seconds(hold.seconds * part, hold.demand.to_f, demand.to_f)
      end
    end
  end
end
