# frozen_string_literal: true

module Sparrow
  module Plan
    # What is predicted of one lane in a block that the people pace. Which parts are there depends
    # on the format: the finish with its +gates+ and the pace that a target time +demand+s; the
    # +rounds+ of as many as possible; the sets of each of its +stations+. Times are whole
    # seconds, finish_s from the block's first set.
    class Forecast < Value.of(:finish_s, :capped, :gates, :demand, :rounds, :round_s, :remainder_s, :into_next, :stations)
      # How long a lane takes to a gate, and how long it waits there.
      Wait = Value.of(:round, :station, :takes_s, :waits_s)
      # The pace asked for: seconds a rep as counted, as a part of the versions' own tempo, and whether that is plausible.
      Demand = Value.of(:seconds_per_rep, :of_default, :plausible)
      # What is done of the round that the time cuts off.
      Part = Value.of(:station, :reps, :seconds)
      # The sets of a station: of a total that is worked off (+typed+ or suggested), or of a day's goal.
      Sets = Value.of(:station, :sets, :takes_s, :typed, :minimum, :maximum, :goal)

      # @return [Integer] seconds that the lane takes by itself: of as many rounds as possible, one round
      def lane_s
        round_s || finish_s || 0
      end

      # @return [Integer] seconds spent waiting at gates before the last
      def waits_s
        (gates || []).reverse.drop(1).sum(&:waits_s)
      end

      # @return [Hash] as POST /api/preview answers; a part that is not there is left out
      def to_h
        shown = {}
        shown.merge!("finish_s" => finish_s, "capped" => capped, "gates" => all(gates), "demand" => demand && plain(demand)) if gates
        shown.merge!("rounds" => rounds, "round_s" => round_s, "remainder_s" => remainder_s, "into_next" => all(into_next)) if rounds
        shown["stations"] = stations.map { |sets| plain(sets).compact } if stations
        shown
      end

      private

      def all(values)
        values.map { |value| plain(value) }
      end

      def plain(value)
        value.each_pair.to_h { |key, held| [key.to_s, held] }
      end
    end
  end
end
