# frozen_string_literal: true

module Sparrow
  module Capacity
    # One thing that says what somebody can do: a test taken, or a set that was logged. +yields+ is "reps" or "hold"
    # (seconds); +amount+ the clean maximum, fresh, that it stands for; +on+ a Date; +source+ "measured" or "results".
    # +bound+ says that it is the least they can do: more may be there.
    class Evidence < Value.of(:pattern, :variation, :yields, :amount, :on, :source, :bound)
      # So many left, or fewer, are noted as they are; of more people say “a lot”.
      NOTED_EXACTLY = 3

      # @param id [String] of the test
      # @param variation [Catalogue::Variation, nil]
      # @param typed [Integer] as counted in the test
      # @return [Evidence, nil] nil where the test or the version is not known any more
      def self.of_test(id, variation, typed, on:)
        test = Benchmarks.find(id)
        return unless test && variation
        new(pattern: test.pattern, variation: variation, yields: test.yields, amount: Benchmarks.stands_for(test, typed), on: on, source: "measured", bound: false)
      end

      # Reps with three or fewer left noted, and a target that was not met, say how much was there; a target that was
      # met, and more left, that so much was there at least.
      # @param variation [Catalogue::Variation, nil]
      # @param done [#reps, #seconds, #least, #reps_left, #freshness] the first four an Integer or nil; +least+ is the least
      #   that was asked; +freshness+ the part of the fresh most that was there before the last set, nil where it is not known
      # @param hurt [Boolean] whether something hurt: then stopping early says nothing of strength
      # @return [Evidence, nil]
      def self.of_result(variation, done, on:, hurt: false)
        return unless variation
        yields, amount, bound = held(done, variation) || counted(done, variation)
        return if amount.nil? || !amount.positive? || (hurt && !bound)
        fresh = done.freshness ? amount / done.freshness.to_r : amount
        new(pattern: Load.kind(variation), variation: variation, yields: yields, amount: fresh, on: on, source: "results", bound: bound)
      end

      # @return [Array(String, Numeric, Boolean), nil]
      def self.held(done, variation)
        return if done.seconds.nil? || !Capacity.by_time?(variation)
        ["hold", done.seconds, done.least.nil? || done.seconds >= done.least]
      end

      def self.counted(done, variation)
        return unless variation.counted? && done.reps && !BY_TIME.include?(variation.pattern)
        left = done.reps_left
        exact = left ? left <= NOTED_EXACTLY : done.least && done.reps < done.least
        ["reps", per_side(variation, done.reps) + left.to_i, !exact]
      end

      # Reps as counted are for both sides together where sides alternate.
      def self.per_side(variation, reps)
        moves = Counting.of(variation.counting).moves(reps)
        (variation.sides == "two_sided") ? moves : moves/2r
      end
      private_class_method :held, :counted, :per_side

      # @return [Numeric] the strength index, or seconds at a demand of 1, that it stands for
      def value
        demand = variation.exact_demand
        (yields == "reps") ? Capacity.strength(demand, amount, Capacity.k(pattern)) : amount * demand**2
      end
    end
  end
end
