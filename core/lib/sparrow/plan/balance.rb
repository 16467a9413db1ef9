# frozen_string_literal: true

module Sparrow
  module Plan
    # What a level is given to do, in seconds of work and in moves, by pattern,
    # plane, position and impact. Warm-up and cool-down are not counted.
    class Balance
      BY = %w[pattern plane position impact].freeze
      COUNTED = %w[main finisher].freeze

      # @param timeline [Plan::Timeline]
      # @param kept [KeptBlocks] where the sums of the same blocks are found
      def initialize(timeline, kept: KeptBlocks::NONE)
        @timeline = timeline
        @kept = kept
      end

      # @return [Hash{String => Hash}] level to by what to value to {"work_s", "moves"}, the most work first
      def to_h
        Level::ALL.to_h { |level| [level, of(level)] }
      end

      private

      def of(level)
        counted = @timeline.blocks.select { |line| COUNTED.include?(line.block.role) }
        parts = counted.map { |line| @kept.made(line.block, [:balance, level], line.start_s) { @kept.before(line.block, [:balance, level], level: level) || of_block(line, level) } }
        counted.empty? ? sum(parts) : @kept.made(counted.first.block, [:balances, level], *parts) { sum(parts) }
      end

      def sum(parts)
        sums = parts.each_with_object(BY.to_h { |by| [by, {}] }) { |part, all| add(all, part) }
        sums.transform_values { |held| held.sort_by { |value, one| [-one["work_s"], value] }.to_h.freeze }
      end

      def add(sums, block)
        block.each { |by, held| sums[by].merge!(held) { |_, one, other| one.merge(other) { |_, mine, theirs| mine + theirs } } }
      end

      # Seconds and moves of a block, by what they are counted by.
      def of_block(line, level)
        sums = BY.to_h { |by| [by, Hash.new { |hash, value| hash[value] = {"work_s" => 0, "moves" => 0} }] }
        totals(line.visits.fetch(level, [])).each { |prescription, (station, work_s, counted)| count(sums, station, prescription, work_s: work_s, counted: counted) }
        sums
      end

      # Seconds and reps of each prescription over all its rounds.
      def totals(visits)
        visits.each_with_object({}.compare_by_identity) do |visit, totals|
          total = totals[visit.prescription] ||= [visit.station, 0, 0]
          total[1] += visit.work_s
          total[2] += visit.counted
        end
      end

      def count(sums, station, prescription, work_s:, counted:)
        pieces(station, prescription, work_s, counted: counted).each do |movement, variation, seconds, moves|
          values = {"pattern" => movement.pattern, "plane" => movement.plane, "position" => variation.position, "impact" => variation.impact}
          values.each do |by, value|
            sum = sums[by][value]
            sum["work_s"] += seconds
            sum["moves"] += moves
          end
        end
      end

      # A compound's seconds go to its parts by their moves; the last takes what is left.
      def pieces(station, prescription, work_s, counted:)
        return [[prescription.movement, prescription.variation, work_s, prescription.counting.moves(counted)]] if prescription.variation
        whole = prescription.parts.sum(&:reps)
        left_s = work_s
        prescription.parts.each_with_index.map do |part, index|
          seconds = (index == prescription.parts.size - 1) ? left_s : work_s * part.reps / whole
          left_s -= seconds
          [part.movement, part.variation, seconds, part.reps * counted]
        end
      end
    end
  end
end
