# frozen_string_literal: true

module Sparrow
  module Fitting
    # A variation with the number that somebody is asked at a station. +unit+ is "reps", "hold", "work" (seconds kept up) or
    # "open" (as many clean reps as the window allows); +number+ is nil where the window is the whole target. +top+ is the
    # number aimed at, +low+ that below which an easier version comes first, +most+ what the window has time for, nil
    # where it ends nothing.
    class Option < Value.of(:variation, :level, :prescription, :unit, :number, :top, :low, :most)
      # @return [Option] the same variation with another number
      def asking(number)
        changed = case unit
        when "reps" then prescription.with(reps: number..number)
        when "hold" then prescription.with(hold: number..number)
        else prescription
        end
        with(prescription: changed, number: number)
      end

      # @return [String] its version's; of parts those of their movements
      def name
        variation ? variation.name : prescription.name
      end

      # @return [Numeric] how hard it is, to sort by; of a compound 0
      def demand
        variation ? variation.demand_value : 0
      end

      # @return [Integer] what a smaller number goes down by
      def step
        return 5 unless unit == "reps"
        prescription.requires_even_count? ? 2 : 1
      end

      # @return [Integer] fewer than this is no set any more
      def least
        (unit == "reps") ? LEAST : LEAST_S
      end

      # The numbers in which it can be called, the highest first: times in fives, and even where sides alternate.
      # @param from [Integer]
      # @param to [Integer]
      # @return [Array<Integer>]
      def numbers(from: top, to: low)
        under = (from - 1) / step * step
        [from, *under.step([to, 1].max, -step)]
      end

      # @return [Array<String>] pieces that one person needs, each as often as it is needed
      def equipment
        variation ? variation.pieces : variations.flat_map(&:equipment)
      end

      # @return [Array<String>] joints that it loads
      def joints
        variation ? variation.joints : variations.flat_map(&:joints)
      end

      # @return [Boolean] whether any of it lands hard
      def hard_landing?
        variation ? variation.impact == "high" : variations.any? { |part| part.impact == "high" }
      end

      # @return [Array<Catalogue::Variation>]
      def variations
        variation ? [variation] : prescription.parts.map(&:variation)
      end

      # @return [String] the pattern that it tires first
      def pattern
        Capacity::Load.kind(first)
      end

      # @return [Boolean] whether how much somebody can do of it is measured in seconds
      def by_time?
        Capacity.by_time?(first)
      end

      private

      def first
        variation || prescription.parts.first.variation
      end
    end
  end
end
