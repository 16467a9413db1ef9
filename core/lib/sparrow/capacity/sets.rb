# frozen_string_literal: true

module Sparrow
  module Capacity
    # A total done in sets that a level can keep up.
    module Sets
      MOST_SETS = 20
      # House estimate: sets spread over a day are this part of what can be done fresh.
      COMFORTABLE = Rational(1, 2)
      LEAST = 3
      # Where the profile says nothing of a pattern.
      PLAIN = 10
      # The fewest even sets that leave the reserve in each; where none does, the
      # most sets there may be.
      # @param take [Circuit::Prescription]
      # @param total [Integer] reps as counted
      # @param rest_s [Integer] between two sets
      # @return [Array<Integer>] reps of each set, the larger ones first
      def self.even(take, total, rest_s:, reserve:)
        most = [MOST_SETS, total].min
        count = (1..most).find { |sets| keeps?(take, split(total, sets), rest_s, reserve) } || fallback(total, most)
        split(total, count)
      end

      # Sets with hours between them: each such as leaves half undone.
      # @return [Array<Integer>]
      def self.comfortable(take, total)
        load = load_of(take, 1)
        fresh = load && fresh(take, load)
        per_set = (fresh && load.amount.positive?) ? (fresh * COMFORTABLE / load.amount).floor : PLAIN
        size = [per_set, LEAST].max.clamp(nil, total)
        split(total, (total / size.to_f).ceil)
      end

      # @return [Array<Integer>] even parts, the larger ones first
      def self.split(total, sets)
        each, more = total.divmod(sets)
        Array.new(sets) { |index| each + ((index < more) ? 1 : 0) }
      end

      def self.keeps?(take, sets, rest_s, reserve)
        load = load_of(take, 1)
        fresh = load && fresh(take, load)
        return sets.first <= PLAIN * 2 unless fresh
        fatigue = Fatigue.new([load.pattern])
        sets.all? do |count|
          amount = (load.amount * count).to_f
          enough = fatigue.left(load.pattern) * fresh - amount >= Forecast.least(reserve, amount, load.by_time)
          fatigue.work(load.pattern, fresh.positive? ? amount / fresh : 1.0, 0)
          fatigue.rest(rest_s)
          enough
        end
      end

      def self.fresh(take, load)
        profile = Profile.of_level(take.level)
        load.by_time ? profile.seconds(load.pattern, load.demand) : profile.moves(load.pattern, load.demand)
      end

      # Nothing leaves the reserve: short sets all the same, at least of three.
      def self.fallback(total, most)
        [total / LEAST, 1].max.clamp(nil, most)
      end

      def self.load_of(take, count)
        Load.of(take, count, take.set_s(count)).first
      end
      private_class_method :keeps?, :fresh, :fallback, :load_of
    end
  end
end
