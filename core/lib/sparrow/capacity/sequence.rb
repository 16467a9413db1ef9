# frozen_string_literal: true

module Sparrow
  module Capacity
    # A level's sets in order of time, from the first of the class to the last: where
    # each stands, what it asks, and what recovers between them.
    class Sequence
      # Where and when a set is.
      Place = Value.row(:block, :visit)

      # @return [Array<Place>] of every set
      attr_reader :places

      # @return [Array<Array<FatigueSimulation::SetLoad>>] what every set asks, of each pattern it tires
      attr_reader :loads

      # @param timeline [Plan::Timeline]
      # @param lane [String] a level
      # @param profile [Profile]
      def initialize(timeline, lane, profile)
        @profile = profile
        @recovery = Hash.new { |hash, seconds| hash[seconds] = FatigueSimulation.recovery(seconds) }
        @known = {}.compare_by_identity
        @places = []
        @turns = []
        @seconds = []
        @loads = []
        lay_out(timeline, lane)
      end

      # @return [Array<Array<FatigueSimulation::SetLoad>>] what the sets ask where these ask for other amounts
      def with(amounts)
        return @loads if amounts.empty?
        loads = @loads.dup
        amounts.each do |prescription, number|
          turns_of(prescription).each { |at| loads[at] = scaled(at, number) }
        end
        loads
      end

      # @return [Array<Integer>] the places of a prescription's sets in the sequence
      def turns_of(prescription)
        @turns_of ||= @places.each_with_index.with_object({}.compare_by_identity) { |(place, at), turns| (turns[place.visit.prescription] ||= []) << at }
        @turns_of.fetch(prescription, [])
      end

      # @param loads [Array<Array<FatigueSimulation::SetLoad>>] what the sets ask
      # @return [Array<Float>] what is left before each set of the pattern of which something is known
      def left(pattern, loads = @loads)
        return FatigueSimulation.left(@turns, loads, pattern) unless loads.equal?(@loads)
        (@left ||= {})[pattern] ||= FatigueSimulation.left(@turns, @loads, pattern)
      end

      # @return [Array<Integer>] how many sets of the pattern of which something is known stand before each place
      def sets_before(pattern)
        (@sets_before ||= {})[pattern] ||= begin
          count = 0
          @loads.map { |sets| count.tap { count += sets.count { |set| set.most && set.pattern == pattern } } }
        end
      end

      # What is kept of both stores from the end of one turn to the beginning of a later one.
      # @return [FatigueSimulation::Recovery]
      def kept_between(pattern, from, to)
        clock = clock(pattern)
        @recovery[clock[to].first - clock[from].last]
      end

      # @return [Boolean] whether how much is done in sets of the pattern hangs on how tired one is
      def open?(pattern)
        (@open ||= {}).fetch(pattern) { @open[pattern] = @loads.any? { |sets| sets.any? { |set| set.open && set.pattern == pattern } } }
      end

      # @return [Array<FatigueSimulation::SetLoad>] of one turn, asked for another number
      def scaled(at, number)
        visit = @places[at].visit
        now = visit.counted.positive? ? visit.counted : visit.prescription.hold_s
        now ? @loads[at].map { |set| set.asking(set.amount * number / now) } : @loads[at]
      end

      private

      # Seconds in which a pattern recovers, up to each turn's beginning and end.
      def clock(pattern)
        (@clocks ||= {})[pattern] ||= begin
          now_s = 0
          @seconds.each_with_index.map do |(wait_s, work_s), at|
            sets = @loads[at]
            start_s = now_s + wait_s
            now_s = start_s + sets.count { |set| set.pattern != pattern } * work_s / [sets.size, 1].max.to_f
            [start_s, now_s]
          end
        end
      end

      def lay_out(timeline, lane)
        now_s = 0
        timeline.blocks.each do |line|
          line.visits.fetch(lane, []).each do |visit|
            sets(line.block, visit, visit.start_s - now_s)
            now_s = visit.start_s + visit.work_s
          end
        end
      end

      def sets(block, visit, wait_s)
        return set(block, visit, visit.counted, work_s: visit.work_s, wait_s: wait_s) unless visit.sets
        visit.sets.each_with_index do |count, index|
          set(block, visit, count, work_s: visit.prescription.set_s(count), wait_s: index.zero? ? wait_s : block.set_rest_s)
        end
      end

      # A station's set is the same set in every round.
      def set(block, visit, counted, work_s:, wait_s:)
        @places << Place.new(block, visit)
        @turns << FatigueSimulation::Turn.of(@recovery[wait_s], @recovery[work_s])
        @seconds << [wait_s, work_s]
        @loads << ((@known[visit.prescription] ||= {})[counted * 10_000 + work_s] ||= asked(visit.prescription, counted, work_s))
      end

      def asked(prescription, counted, work_s)
        open = counted.zero? && prescription.hold.nil? && prescription.variation&.counted?
        counted = prescription.counting.counted((work_s / prescription.seconds_per_move).floor) if open
        found = Load.of(prescription, counted, work_s)
        found.map { |load| FatigueSimulation::SetLoad.of(load, @profile.most(load), @recovery[work_s / found.size.to_f], open: open) }.freeze
      end
    end
  end
end
