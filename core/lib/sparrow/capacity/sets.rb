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
      # @param prescription [Plan::Prescription]
      # @param total [Integer] reps as counted
      # @param rest_s [Integer] between two sets
      # @return [Array<Integer>] reps of each set, the larger ones first
      def self.even(prescription, total, rest_s:, reserve:)
        most = [MOST_SETS, total].min
        count = (1..most).find { |sets| keeps?(prescription, split(total, sets), rest_s, reserve: reserve) } || fallback(total, most)
        split(total, count)
      end

      # Sets with hours between them: each such as leaves half undone.
      # @return [Array<Integer>]
      def self.comfortable(prescription, total)
        load = load_of(prescription, 1)
        fresh = load && Profile.of_level(prescription.level).most(load)
        per_set = (fresh && load.amount.positive?) ? (fresh * COMFORTABLE / load.amount).floor : PLAIN
        size = [per_set, LEAST].max.clamp(nil, total)
        split(total, (total / size.to_f).ceil)
      end

      # @return [Array<Integer>] even parts, the larger ones first
      def self.split(total, sets)
        each, more = total.divmod(sets)
        Array.new(sets) { |index| each + ((index < more) ? 1 : 0) }
      end

      def self.keeps?(prescription, sets, rest_s, reserve:)
        loads = sets.map { |count| [set_load(prescription, count)].compact }
        return sets.first <= PLAIN * 2 unless loads.all? { |set| set.first&.most }
        turns = sets.each_index.map { |index| FatigueSimulation::Turn.of(FatigueSimulation.recovery(index.zero? ? 0 : rest_s), FatigueSimulation.recovery(0)) }
        there = FatigueSimulation.left(turns, loads, loads.first.first.pattern)
        loads.zip(there).all? { |(set), left| left >= set.needs(reserve) - Forecast::TOLERANCE }
      end

      # Of several parts the first decides.
      def self.set_load(prescription, count)
        load = load_of(prescription, count)
        load && FatigueSimulation::SetLoad.of(load, Profile.of_level(prescription.level).most(load), FatigueSimulation.recovery(0))
      end

      # Nothing leaves the reserve: short sets all the same, at least of three.
      def self.fallback(total, most)
        [total / LEAST, 1].max.clamp(nil, most)
      end

      def self.load_of(prescription, count)
        Load.of(prescription, count, prescription.set_s(count)).first
      end
      private_class_method :keeps?, :set_load, :fallback, :load_of
    end
  end
end
