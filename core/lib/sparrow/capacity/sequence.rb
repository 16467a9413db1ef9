# frozen_string_literal: true

module Sparrow
  module Capacity
    # A level's sets in order of time, from the first of the class to the last: where
    # each stands, what it asks, and what recovers between them.
    class Sequence
      # @return [Array<BlockSets>] in the order of the class
      attr_reader :parts

      # @param timeline [Plan::Timeline]
      # @param lane [String] a level
      # @param profile [Profile]
      # @param kept [Plan::KeptBlocks] where what blocks asked before is found
      def initialize(timeline, lane, profile, kept: Plan::KeptBlocks::NONE)
        @recovery = Hash.new { |hash, seconds| hash[seconds] = FatigueSimulation.recovery(seconds) }
        @parts = timeline.blocks.map do |line|
          kept.made(line.block, [:sets, lane], line.start_s, profile) do
            kept.before(line.block, [:sets, lane], level: lane)&.on(line, lane) || BlockSets.of(line, lane, profile)
          end
        end
      end

      # @return [Array<BlockSets::Place>] of every set
      def places
        @places ||= @parts.flat_map(&:places)
      end

      # @return [Array<Array<FatigueSimulation::SetLoad>>] what every set asks, of each pattern it tires
      def loads
        @loads ||= @parts.flat_map(&:loads)
      end

      # All that what is left before each set hangs on: of two sequences that have it alike, that is the same.
      # @return [Array]
      def numbers
        @parts.map { |part| [part.first_s, part.end_s, part.seconds, part.loads] }
      end

      # @return [Array<Array<Float>>] of each block, what is left before each of its sets of which something is known
      def left_by_part
        turn = Array.new(FatigueSimulation::PATTERNS.size, -1)
        @parts.map { |part| part.loads.flat_map { |sets| sets.filter_map { |set| left(set.pattern)[turn[set.pattern] += 1] if set.most } }.freeze }.freeze
      end

      # @return [Array<Array<FatigueSimulation::SetLoad>>] what the sets ask where these ask for other amounts
      def with(amounts)
        return loads if amounts.empty?
        loads = self.loads.dup
        amounts.each do |prescription, number|
          turns_of(prescription).each { |at| loads[at] = scaled(at, number) }
        end
        loads
      end

      # @return [Array<Integer>] the places of a prescription's sets in the sequence
      def turns_of(prescription)
        @turns_of ||= places.each_with_index.with_object({}.compare_by_identity) { |(place, at), turns| (turns[place.visit.prescription] ||= []) << at }
        @turns_of.fetch(prescription, [])
      end

      # @param loads [Array<Array<FatigueSimulation::SetLoad>>] what the sets ask
      # @return [Array<Float>] what is left before each set of the pattern of which something is known
      def left(pattern, loads = self.loads)
        return FatigueSimulation.left(turns, loads, pattern) unless loads.equal?(@loads)
        (@left ||= {})[pattern] ||= FatigueSimulation.left(turns, loads, pattern)
      end

      # @return [Array<Integer>] how many sets of the pattern of which something is known stand before each place
      def sets_before(pattern)
        (@sets_before ||= {})[pattern] ||= begin
          count = 0
          loads.map { |sets| count.tap { count += sets.count { |set| set.most && set.pattern == pattern } } }
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
        (@open ||= {}).fetch(pattern) { @open[pattern] = loads.any? { |sets| sets.any? { |set| set.open && set.pattern == pattern } } }
      end

      # @return [Array<FatigueSimulation::SetLoad>] of one turn, asked for another number
      def scaled(at, number)
        visit = places[at].visit
        asked = BlockSets.asked(visit)
        now = asked.positive? ? asked : visit.prescription.hold_s
        now ? loads[at].map { |set| set.asking(set.amount * number / now) } : loads[at]
      end

      private

      # Seconds in which a pattern recovers, up to each turn's beginning and end.
      def clock(pattern)
        (@clocks ||= {})[pattern] ||= begin
          now_s = 0
          seconds.each_with_index.map do |(wait_s, work_s), at|
            sets = loads[at]
            start_s = now_s + wait_s
            now_s = start_s + sets.count { |set| set.pattern != pattern } * work_s / [sets.size, 1].max.to_f
            [start_s, now_s]
          end
        end
      end

      def turns
        @turns ||= @parts.flat_map(&:turns).tap do |turns|
          @parts.flat_map(&:seconds).zip(seconds).each_with_index { |(alone, now), at| turns[at] = turn(now) unless alone.equal?(now) }
        end
      end

      # The first set of a block waits from the end of the one before it, too.
      def seconds
        @seconds ||= @parts.flat_map(&:seconds).tap do |seconds|
          at = now_s = 0
          @parts.each do |part|
            seconds[at] = [seconds[at].first + part.first_s - now_s, seconds[at].last] unless part.empty?
            at += part.places.size
            now_s = part.end_s || now_s
          end
        end
      end

      def turn((wait_s, work_s))
        FatigueSimulation::Turn.of(@recovery[wait_s], @recovery[work_s])
      end
    end
  end
end
