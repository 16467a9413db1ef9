# frozen_string_literal: true

module Sparrow
  module Capacity
    # One cell asked for another number, all others as they are. What a set leaves
    # in the stores is a sum, and the cell's own part of it grows with the number to
    # the power of one and a half; so the class is gone through once, and each number
    # is then looked at by itself. (A set beyond the fresh maximum fills the stores no
    # further; but then it is too much whatever is left.) Only where sets of the same
    # pattern are open, as many as one can, is the class gone through for each number:
    # how much is done in them changes too.
    class Resizing
      # One of the cell's sets: what it asks at a number of one, what is left before it
      # without the cell's earlier sets, and what these take from it at a number of one.
      OwnSet = Value.row(:one, :without, :taken) do
        # @return [Boolean] whether the set leaves so much
        def leaves?(number, reserve)
          asked = one.amount * number
          without - taken * number * Math.sqrt(number) >= asked + Forecast.least(reserve, asked, one.by_time) - Forecast::TOLERANCE
        end
      end
      private_constant :OwnSet

      # @param sequence [Sequence]
      # @param prescription [Plan::Prescription]
      # @param loads [Array<Array<FatigueSimulation::SetLoad>>] what every set of the level asks
      def initialize(sequence, prescription, loads)
        @sequence = sequence
        @loads = loads
        @places = sequence.turns_of(prescription)
        @patterns = @places.flat_map { |at| loads[at] }.select { |set| set.most && !set.open }.map(&:pattern).uniq
        @own = {}
      end

      # @return [Boolean] whether every set of the cell leaves so much
      def leaves?(number, reserve)
        @patterns.all? do |pattern|
          @sequence.open?(pattern) ? leaves_through_class?(pattern, number, reserve) : own(pattern).all? { |set| set.leaves?(number, reserve) }
        end
      end

      private

      # @return [Array<OwnSet>] in order of time
      def own(pattern)
        @own[pattern] ||= begin
          ones = asking(1)
          now = FatigueSimulation.left(turns(pattern), @places.map { |at| @loads[at] }, pattern)
          one = FatigueSimulation.left(turns(pattern), ones, pattern)
          known(ones, pattern).zip(left(pattern, @loads), now, one).map { |set, there, with_now, with_one| OwnSet.new(set, there + set.most - with_now, set.most - with_one) }
        end
      end

      # What is left before the first set is the same whatever the number is.
      def leaves_through_class?(pattern, number, reserve)
        asked = asking(number)
        sets = known(asked, pattern)
        return false unless sets.first.open || own(pattern).first.leaves?(number, reserve)
        loads = @loads.dup
        @places.zip(asked) { |at, changed| loads[at] = changed }
        sets.zip(left(pattern, loads)).all? { |set, there| set.open || there >= set.needs(reserve) - Forecast::TOLERANCE }
      end

      def asking(number)
        @places.map { |at| @sequence.scaled(at, number) }
      end

      def known(loads, pattern)
        loads.flat_map { |sets| sets.select { |set| set.most && set.pattern == pattern } }
      end

      # What is left before each of the cell's sets of the pattern, among all that are known.
      def left(pattern, loads)
        before = @sequence.sets_before(pattern)
        all = @sequence.left(pattern, loads)
        @places.flat_map { |at| all[before[at], known([loads[at]], pattern).size] }
      end

      # The cell's sets alone, with all that is between two of them as a wait.
      def turns(pattern)
        nothing = FatigueSimulation.recovery(0)
        @places.each_with_index.map do |at, index|
          FatigueSimulation::Turn.of(index.zero? ? nothing : @sequence.kept_between(pattern, @places[index - 1], at), nothing)
        end
      end
    end
  end
end
