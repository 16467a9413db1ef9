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
      def initialize(timeline, clock, now_ms:, between: nil)
        @timeline = timeline
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
          line.visits.fetch(level, []).each_with_index do |visit, index|
            next unless done?(visit)
            station = line.groups ? nil : visit.station
            stations(line, station, index).each { |held| found[[line.block.id, held.id]] |= [visit.round] }
          end
        end
        found.transform_values(&:sort)
      end

      # Where groups rotate, some group stands at each station in every window.
      def stations(line, station, index)
        station ? [station] : line.groups.filter_map { |group| group.stops[index]&.station }.uniq
      end

      def done?(visit)
        work_s = visit.work_s.to_f
        return @last_s >= visit.start_s unless work_s.positive?
        @passed.sum { |from, to| [[to, visit.start_s + work_s].min - [from, visit.start_s].max, 0].max } >= work_s * HALF
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
