# frozen_string_literal: true

module Sparrow
  module Capacity
    # How tired each pattern is as a class goes on, and what is left before each
    # set. The one model of fatigue: a level's forecast, a person's fit and the
    # split of a total into sets all go through it.
    #
    # A pattern has two stores of fatigue, a fast and a slow one, both empty at
    # first; what can be done now is the fresh maximum times what they leave. A set
    # of r out of a fresh maximum N fills them by (r / N)^1.5, at most by 1, shared
    # between the two. Each store empties by its own time constant during anything
    # but its own pattern. A set tires related patterns by a share of itself.
    #
    # House constants, chosen so that half of one's most can be repeated about eight
    # times with a minute between, seven tenths three times, and that sets to failure
    # fall as published work says: the second is 55 to 80 % of the first after a
    # minute, 78 to 100 % after three.
    module FatigueSimulation
      FAST_PART = 0.7
      SLOW_PART = 0.3
      FAST_S = 35.0
      SLOW_S = 400.0

      PATTERNS = Catalogue::Movement::PATTERNS.each_with_index.to_h.freeze
      ANY_OTHER = 0.05
      RELATED = {
        %w[squat lunge] => 0.6,
        %w[hinge squat] => 0.4, %w[hinge lunge] => 0.4,
        %w[squat jump] => 0.5, %w[lunge jump] => 0.5,
        %w[gait squat] => 0.3, %w[gait lunge] => 0.3, %w[gait jump] => 0.3,
        %w[push trunk_bracing] => 0.3, %w[trunk_flexion trunk_bracing] => 0.5,
        %w[rotation trunk_bracing] => 0.4, %w[lateral_trunk trunk_bracing] => 0.4
      }.freeze

      # @return [Float] the part of a set of +one+ that tires +other+; the same both ways
      def self.share(one, other)
        return 1.0 if one == other
        RELATED[[one, other]] || RELATED[[other, one]] || ANY_OTHER
      end

      SHARES = PATTERNS.keys.map { |one| PATTERNS.keys.map { |other| share(one, other) }.freeze }.freeze

      # What is kept of both stores after some seconds without the pattern.
      Recovery = Value.row(:fast, :slow)

      # When a set is done: what is kept over the wait before it, and over its own time.
      Turn = Value.row(:wait_fast, :wait_slow, :work_fast, :work_slow) do
        # @param wait [Recovery]
        # @param work [Recovery]
        def self.of(wait, work)
          new(wait.fast, wait.slow, work.fast, work.slow)
        end
      end

      # What one set asks of one pattern. +pattern+ is its place in PATTERNS; +most+ the
      # fresh maximum, nil where nothing is known; +amount+ moves per working side, or
      # seconds; +effort+ what it fills of the stores; of an +open+ set as much is done as
      # is there, the amount at most (other patterns are tired as by the amount: who does
      # all they can goes to their limit). The keeps are of the other patterns meanwhile.
      SetLoad = Value.row(:pattern, :most, :amount, :effort, :by_time, :open, :keep_fast, :keep_slow) do
        # @param load [Load]
        # @param most [Float, nil]
        # @param recovery [Recovery] over the time of the set
        def self.of(load, most, recovery, open: false)
          amount = load.amount.to_f
          amount = most if open && most && most < amount
          new(PATTERNS.fetch(load.pattern), most, amount, FatigueSimulation.effort(amount, most), load.by_time, open, recovery.fast, recovery.slow)
        end

        # @return [SetLoad] the same with another amount
        def asking(amount)
          self.class.new(pattern, most, amount, FatigueSimulation.effort(amount, most), by_time, open, keep_fast, keep_slow)
        end

        # @param least [Numeric] moves to be left
        # @return [Float] moves or seconds that must be there, so that so much is left
        def needs(least)
          amount + Forecast.least(least, amount, by_time)
        end
      end

      # @return [Recovery]
      def self.recovery(seconds)
        return Recovery.new(1.0, 1.0) unless seconds.positive?
        Recovery.new(Math.exp(-seconds / FAST_S), Math.exp(-seconds / SLOW_S))
      end

      # @return [Float] what a set fills of the stores, 0 to 1
      def self.effort(amount, most)
        return 0.0 if most.nil?
        share = most.positive? ? amount / most : 1.0
        (share < 1.0) ? share * Math.sqrt(share) : 1.0
      end

      # How full both stores of one pattern are before a turn, +at+ its place among all.
      Moment = Value.row(:at, :fast, :slow)
      START = Moment.new(0, 0.0, 0.0).freeze

      # @param turns [Array<Turn>] in order of time
      # @param loads [Array<Array<SetLoad>, nil>] of each turn; nil where nothing is done
      # @param pattern [Integer] its place in PATTERNS
      # @param from [Moment] where to begin
      # @param upto [Integer] the turn to stop before
      # @param watched [Array<Boolean>, nil] turns to answer for; nil for all
      # @return [Array<Float>] what is left before each set of the pattern of which something is known, in
      #   order of time: moves per working side, or seconds; below 0 for who is tired beyond doing any
      def self.left(turns, loads, pattern, from: START, upto: turns.size, watched: nil)
        follow(turns, loads, pattern, from: from, upto: upto, watched: watched, found: [])
      end

      # @param upto [Integer] a turn
      # @return [Moment] before it
      def self.moment(turns, loads, pattern, from: START, upto: turns.size)
        follow(turns, loads, pattern, from: from, upto: upto, watched: nil, found: nil)
      end

      # Follows one pattern through the class. It is gone through for every version and
      # number that is thought of, so it is one loop without blocks.
      # @return [Array<Float>, Moment] what was +found+, where that is asked for; else the moment at the end
      def self.follow(turns, loads, pattern, from:, upto:, watched:, found:)
        shares = SHARES[pattern]
        at = from.at - 1
        fast = from.fast
        slow = from.slow
        while (at += 1) < upto
          turn = turns[at]
          fast *= turn.wait_fast
          slow *= turn.wait_slow
          unless (sets = loads[at])
            fast *= turn.work_fast
            slow *= turn.work_slow
            next
          end
          part = -1
          while (set = sets[part += 1])
            added = set.effort
            if set.pattern == pattern
              if (most = set.most)
                left = (1.0 - fast - slow) * most
                found << left if found && (watched.nil? || watched[at])
                added = effort((left > 0.0) ? left : 0.0, most) if set.open && left < set.amount
              end
            else
              fast *= set.keep_fast
              slow *= set.keep_slow
              added *= shares[set.pattern]
            end
            fast += FAST_PART * added
            slow += SLOW_PART * added
          end
        end
        found || Moment.new(at, fast, slow)
      end
      private_class_method :follow
    end
  end
end
