# frozen_string_literal: true

module Sparrow
  module Capacity
    # How tired each pattern is, from 0 to 1, as a class goes on.
    class Fatigue
      # A set adds a share of itself to related patterns. House constants.
      ANY_OTHER = 0.05
      RELATED = {
        %w[squat lunge] => 0.6, %w[squat jump] => 0.5, %w[lunge jump] => 0.5, %w[push trunk_bracing] => 0.3,
        %w[trunk_flexion trunk_bracing] => 0.5
      }.freeze

      # The same, to be looked up at every keystroke: pattern to other pattern to share.
      SHARES = RELATED.each_with_object({}) do |((one, other), share), shares|
        (shares[one] ||= {})[other] = share
        (shares[other] ||= {})[one] = share
      end.each_value(&:freeze).freeze

      # @return [Float] the part of a set of +one+ that tires +other+
      def self.share(one, other)
        return 1.0 if one == other
        related = SHARES[one]
        related ? related.fetch(other, ANY_OTHER) : ANY_OTHER
      end

      # @param patterns [Array<String>] those that occur; the others are not kept account of
      def initialize(patterns)
        @index = patterns.each_with_index.to_h
        @shares = patterns.map { |one| patterns.map { |other| self.class.share(one, other) } }
        @tired = Array.new(patterns.size, 0.0)
      end

      # Time without any of it.
      def rest(seconds)
        return unless seconds.positive?
        keep = Math.exp(-seconds / RECOVERY_S)
        @tired.map! { |tired| tired * keep }
      end

      # @return [Float] the part of the fresh maximum that is there now
      def left(pattern)
        1.0 - @tired[@index.fetch(pattern)]
      end

      # A set that takes +added+ of the fresh maximum and so many seconds:
      # everything but its pattern recovers meanwhile.
      def work(pattern, added, seconds)
        own = @index.fetch(pattern)
        keep = Math.exp(-seconds / RECOVERY_S)
        shares = @shares[own]
        index = 0
        while index < @tired.size
          tired = @tired[index]
          tired *= keep unless index == own
          tired += shares[index] * added
          @tired[index] = (tired > 1.0) ? 1.0 : tired
          index += 1
        end
      end
    end
  end
end
