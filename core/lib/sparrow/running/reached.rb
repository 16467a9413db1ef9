# frozen_string_literal: true

module Sparrow
  module Running
    # What a run reached of its plan: of each station the rounds that a level did at least half of. What the clock
    # never passed, or was moved over, is not there. In a block that the people pace the times are predictions, and so is this,
    # unless somebody tapped.
    class Reached
      # So much of a set must have passed for it to count as done.
      HALF = 0.5
      NONE = [].freeze
      private_constant :NONE

      # @param timeline [Plan::Timeline]
      # @param clock [Clock]
      # @param now_ms [Integer] when it is asked; a clock that still runs has run until then
      # @param between [Range, nil] the seconds of the plan for which somebody was there; nil for all of them
      # @param order [Integer, nil] somebody's turn, which says with which group they went round; nil for what any group reached
      def initialize(timeline, clock, now_ms:, between: nil, order: nil)
        @timeline = timeline
        @order = order
        @passed = as_planned(clock, now_ms)
        @passed = @passed.filter_map { |from, to| clipped(from, to, between) } if between
        @last_s = @passed.map(&:last).max || 0.0
      end

      # @return [Integer, nil] the last round of a station that a level reached; nil where it reached none
      def round(block_id, station_id, level)
        rounds(block_id, station_id, level).last
      end

      # @return [Array<Integer>] the rounds of a station that a level reached
      def rounds(block_id, station_id, level)
        @rounds ||= {}
        (@rounds[level] ||= rounds_of(level)).fetch([block_id, station_id], NONE)
      end

      # @return [Plan::Timeline] the plan with the visits that were reached
      def timeline
        @timeline.with_visits { |line, level, visits| visits.select { |visit| rounds(line.block.id, visit.station.id, level).include?(visit.round) } }
      end

      # @return [Integer] whole seconds of the plan that passed
      def seconds
        @passed.sum { |from, to| to - from }.round
      end

      private

      def clipped(from, to, between)
        from, to = [from, between.begin].max, [to, between.end].min
        [from, to] if to > from
      end

      # @return [Hash{Array(String, String) => Array<Integer>}]
      def rounds_of(level)
        found = Hash.new { |hash, place| hash[place] = [] }
        @timeline.blocks.each do |line|
          done = line.groups ? rotated(line, level) : line.visits.fetch(level, []).select { |visit| done?(visit.start_s, visit.work_s) }
          done.each { |held| found[[line.block.id, held.station.id]] |= [held.round] }
        end
        found.transform_values(&:sort)
      end

      # Each group meets the stations in an order of its own.
      def rotated(line, level)
        groups = @order ? [line.groups[Fitting::Groups.of(line, @order)]] : line.groups
        groups.flat_map(&:stops).select do |stop|
          prescription = stop.station.at(line.block.level_taken(level, stop.round)) if stop.round <= line.block.rounds_for(level)
          prescription && done?(stop.start_s, prescription.stop_s(stop.round))
        end
      end

      def done?(start_s, work_s)
        return @last_s >= start_s unless work_s.positive?
        @passed.sum { |from, to| [[to, start_s + work_s].min - [from, start_s].max, 0].max } >= work_s * HALF
      end

      # In seconds of the plan: what was put in is taken out again, the last first.
      def as_planned(clock, now_ms)
        clock.passages(now_ms).map { |passage| [planned(passage.from_s, clock.additions), planned(passage.until_s, clock.additions)] }
      end

      def planned(second, additions)
        additions.reverse_each do |addition|
          next if second <= addition["at_s"]
          second = [addition["at_s"], second - addition["add_s"]].max
        end
        [second, @timeline.total_s].min
      end
    end
  end
end
