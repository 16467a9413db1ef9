# frozen_string_literal: true

module Sparrow
  module Capacity
    # What the evidence of one pattern and one measure says, gone through day by day. A test stands by itself. What is
    # known exactly is averaged with what was believed before, half each time, so that the recent weighs more; one day
    # lowers it by a tenth at most. A bound only raises it. A guess gives way to the first that is known exactly.
    class Learning
      # One bad day may be just that.
      MOST_LOWERED = Rational(1, 10)

      # @param evidence [Array<Evidence>] of one pattern and measure
      # @param guess [Numeric, nil] the level's
      # @param today [Date]
      def initialize(evidence, guess:, today:)
        @guess = guess
        @today = today
        @trail = []
        evidence.group_by(&:on).sort_by(&:first).each { |on, items| learn(on, items) }
      end

      # @return [Estimate::Measure, nil] nil where nothing is known
      def measure
        return known if @value
        return if @guess.nil? && @least.nil?
        return raised if @guess.nil? || (@least && @least >= @guess)
        Estimate::Measure.new(value: @guess, source: "guess", on: nil, stale: false, rough: true, least: @least, trail: @trail.freeze)
      end

      private

      def learn(on, items)
        tests, results = items.partition { |item| item.source == "measured" }
        bounds, exact = results.partition(&:bound)
        test(on, tests) if tests.any?
        average(on, exact) if exact.any?
        raise_to(on, bounds) if bounds.any?
        @trail.concat(items.map { |item| Estimate::Point.new(item, [@value || @guess || 0, @least || 0].max) })
      end

      # Of two tests of one day the lower counts.
      def test(on, items)
        lowest = items.min_by(&:value)
        @value = lowest.value
        known_from(on, "measured", lowest)
      end

      def average(on, items)
        day = items.sum(&:value) / items.size
        before = @value || (@least if @guess.nil? || @least.to_r > @guess)
        @value = before ? [(before + day) / 2, before * (1 - MOST_LOWERED)].max : day
        known_from(on, "results", items.max_by(&:amount))
      end

      # A bound that raises nothing says nothing new, and so makes nothing newer.
      def raise_to(on, items)
        highest = items.max_by(&:value)
        return if highest.value <= (@value || @least || 0)
        @value ? @value = highest.value : @least = highest.value
        known_from(on, "results", highest)
      end

      def known_from(on, source, item)
        @on = on
        @source = source
        @rough = item.yields == "reps" && item.amount > Estimate::ROUGH_FROM
      end

      def known
        Estimate::Measure.new(value: @value, source: @source, on: @on, stale: stale?, rough: @rough, least: nil, trail: @trail.freeze)
      end

      # The targets that were met show as much as a guess would, or more.
      def raised
        Estimate::Measure.new(value: @least, source: @source, on: @on, stale: stale?, rough: @rough, least: nil, trail: @trail.freeze)
      end

      def stale?
        (@today - @on).to_i > Estimate::STALE_AFTER_DAYS
      end
    end
  end
end
