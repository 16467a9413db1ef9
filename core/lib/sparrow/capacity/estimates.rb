# frozen_string_literal: true

module Sparrow
  module Capacity
    # One person, per pattern: measured where there is evidence, else a guess from
    # the level they chose. The answer to “how much” is a Profile, as a level's is.
    class Estimates
      attr_reader :today

      # @param levels [Hash{String => String}] pattern to the level chosen
      # @param pacing_level [String] the level where none is chosen for a pattern
      # @param evidence [Array<Evidence>]
      # @param today [Date]
      def initialize(levels:, pacing_level:, evidence:, today:)
        @levels = levels
        @pacing_level = pacing_level
        @evidence = evidence.group_by(&:pattern)
        @today = today
        @kept = {}
      end

      # @return [Estimate, nil] nil where neither evidence nor the house's profiles say anything
      def of(pattern)
        @kept.fetch(pattern) { @kept[pattern] = estimate(pattern) }
      end

      # @return [Array<Estimate>] of every pattern that something is known of
      def all
        Catalogue::Movement::PATTERNS.filter_map { |pattern| of(pattern) }
      end

      # @return [String] the level chosen in a pattern
      def level(pattern)
        @levels.fetch(pattern, @pacing_level)
      end

      # @param state [String] "fresh" or "tired"
      # @return [Profile] with every factor in it
      def profile(state: "fresh", name: "person")
        today = (state == "tired") ? Estimate::TIRED : 1
        known = all
        Profile.new(
          name: name,
          strengths: known.filter_map { |estimate| estimate.strength && [estimate.pattern, (estimate.strength * estimate.factor * today).to_f] }.to_h.freeze,
          holds: known.filter_map { |estimate| estimate.hold && [estimate.pattern, held(estimate, today)] }.to_h.freeze
        )
      end

      private

      def held(estimate, today)
        Profile::Hold.new((estimate.hold.seconds * estimate.factor * today).to_f, estimate.hold.demand).freeze
      end

      def estimate(pattern)
        days = (@evidence[pattern] || []).group_by(&:on).sort_by(&:first).reverse.map(&:last)
        days.any? ? known(pattern, days) : guess(pattern)
      end

      # @param days [Array<Array<Evidence>>] the latest first
      def known(pattern, days)
        on = days.first.first.on
        stale = (@today - on).to_i > Estimate::STALE_AFTER_DAYS
        strength = weighted(days)
        Estimate.new(
          pattern: pattern, source: days.first.map(&:source).min, on: on, level: level(pattern), stale: stale, factor: stale ? Estimate::STALE : 1,
          rough: days.first.any? { |item| item.yields == "reps" && item.amount > Estimate::ROUGH_FROM }, strength: strength,
          hold: hold(days) || hold_beside(pattern, strength)
        )
      end

      # Results are averaged, each day worth half of the one after it, back to the
      # last test; a test stands by itself.
      def weighted(days)
        own = days.map { |items| strength(items) }
        last = days.index { |items| items.any? { |item| item.source == "measured" } } || days.size - 1
        pairs = own.first(last + 1).each_with_index.filter_map { |strength, index| strength && [strength, Rational(1, 2**index)] }
        pairs.any? ? pairs.sum { |strength, weight| strength * weight } / pairs.sum(&:last) : nil
      end

      # Of two of one day the lower counts.
      def strength(items)
        items.filter_map { |item| Capacity.strength(exact(item.variation), item.amount) if item.yields == "reps" }.min
      end

      def hold(days)
        days.each do |items|
          held = items.select { |item| item.yields == "hold" }.map { |item| Profile::Hold.new(item.amount, exact(item.variation)).freeze }
          return held.min_by { |item| item.seconds * item.demand**2 } if held.any?
        end
        nil
      end

      # Where only reps are known: the hold of the highest level that is not stronger.
      def hold_beside(pattern, strength)
        return unless strength
        profiles = Level::ALL.map { |level| Profile.of_level(level) }
        known = profiles.select { |profile| profile.strengths[pattern] && profile.holds[pattern] }
        found = known.reverse.find { |profile| profile.strengths[pattern] <= strength + Forecast::TOLERANCE }
        return found.holds[pattern] if found
        lowest = known.first
        lowest && Profile::Hold.new(lowest.holds[pattern].seconds * strength.to_f / lowest.strengths[pattern], lowest.holds[pattern].demand).freeze
      end

      def guess(pattern)
        profile = Profile.of_level(level(pattern))
        strength = profile.strengths[pattern]
        hold = profile.holds[pattern]
        return unless strength || hold
        Estimate.new(pattern: pattern, source: "guess", level: level(pattern), stale: false, factor: Estimate::GUESS, rough: true, strength: strength, hold: hold)
      end

      def exact(variation)
        Rational(variation.demand_value.to_s)
      end
    end
  end
end
