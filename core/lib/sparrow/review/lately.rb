# frozen_string_literal: true

module Sparrow
  module Review
    # What a class comes too soon after, or adds too fast to, for somebody who trained lately. A circuit by itself does not
    # know it; house heuristics both.
    class Lately
      APART_S = 48 * 3600
      WEEK_S = 7 * 86_400
      # Worked for so many seconds a pattern was worked hard.
      HARD_S = Planning::Suggest::Loads::MUCH_S
      # So much more than the week before is too much more.
      MOST_MORE = Rational(6, 5)
      # Beside less than this a week is no measure.
      LEAST_WEEK_S = 600

      # A class that somebody did: when it began, its plan laid out, and the level that they followed.
      Done = Value.row(:at, :timeline, :level)

      # @param timeline [Plan::Timeline] of the class to come
      # @param at [Time] when it begins
      def initialize(timeline, at:)
        @at = at
        @loads = Hash.new { |known, held| known[held] = Planning::Suggest::Loads.new(held) }.compare_by_identity
        @timeline = timeline
      end

      # @param level [String] that they will follow
      # @param done [Array<Done>]
      # @return [Array<String>] patterns that were worked hard less than 48 hours before, and are again
      def too_soon(level, done)
        again = hard(@timeline, level)
        done.select { |held| before?(held, APART_S) }.flat_map { |held| hard(held.timeline, held.level) & again }.uniq.sort
      end

      # @param done [Array<Done>]
      # @return [Rational, nil] the week that ends with this class beside the one before it, where that is too much more
      def rise(level, done)
        week, earlier = done.select { |held| before?(held, 2 * WEEK_S) }.partition { |held| before?(held, WEEK_S) }
        was = earlier.sum { |held| work(held.timeline, held.level) }
        return if was < LEAST_WEEK_S
        now = work(@timeline, level) + week.sum { |held| work(held.timeline, held.level) }
        Rational(now, was) if now > was * MOST_MORE
      end

      private

      def before?(held, seconds)
        held.at < @at && @at - held.at < seconds
      end

      def hard(timeline, level)
        @loads[timeline].patterns.fetch(level).select { |_, seconds| seconds >= HARD_S }.keys
      end

      def work(timeline, level)
        @loads[timeline].patterns.fetch(level).values.sum
      end
    end
  end
end
