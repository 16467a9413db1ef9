# frozen_string_literal: true

module Sparrow
  module Capacity
    # One thing that says what somebody can do: a test taken, or a set after which they
    # said how many were left. +yields+ is "reps" or "hold" (seconds); +amount+ the clean
    # maximum that it stands for; +on+ a Date; +source+ "measured" or "results".
    class Evidence < Value.of(:pattern, :variation, :yields, :amount, :on, :source)
      # @param id [String] of the test
      # @param variation [Catalogue::Variation, nil]
      # @param typed [Integer] as counted in the test
      # @return [Evidence, nil] nil where the test or the version is not known any more
      def self.of_test(id, variation, typed, on:)
        test = Benchmarks.find(id)
        return unless test && variation
        new(pattern: test.pattern, variation: variation, yields: (test.yields == "reps") ? "reps" : "hold", amount: Benchmarks.stands_for(test, typed), on: on, source: "measured")
      end

      # Reps with how many were left, or a target that was not met. A target met with
      # nothing noted says only that it was not too much.
      # @param variation [Catalogue::Variation, nil]
      # @param done [#reps, #seconds, #least, #reps_left] each an Integer or nil; +least+ is the least that was asked
      # @return [Evidence, nil]
      def self.of_result(variation, done, on:)
        return unless variation
        yields, amount = held_short(done) || counted(done, variation)
        new(pattern: variation.pattern, variation: variation, yields: yields, amount: amount, on: on, source: "results") if amount&.positive?
      end

      def self.held_short(done)
        ["hold", done.seconds] if done.seconds && done.least && done.seconds < done.least
      end

      def self.counted(done, variation)
        return unless variation.counted? && done.reps && !BY_TIME.include?(variation.pattern)
        return if done.reps_left.nil? && !(done.least && done.reps < done.least)
        ["reps", per_side(variation, done.reps) + done.reps_left.to_i]
      end

      # Reps as counted are for both sides together where sides alternate.
      def self.per_side(variation, reps)
        moves = Counting.of(variation.counting).moves(reps)
        (variation.sides == "two_sided") ? moves : moves / 2
      end
      private_class_method :held_short, :counted, :per_side
    end
  end
end
