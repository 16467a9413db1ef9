# frozen_string_literal: true

module Sparrow
  module Running
    # What taps say of a block that people pace: of as many rounds as possible the rounds, else the second at which somebody was through.
    class BlockResults
      # @param timeline [Plan::Timeline]
      # @param events [Array<Event>] in any order
      def initialize(timeline, events)
        @blocks = timeline.blocks.select { |line| line.block.paced? || line.block.format.tally }
        @taps = Event.standing(events).select { |event| event.kind == "tapped" }
      end

      # @param level [String] whom a level's taps count for
      # @return [Array<Hash>] "block", and "rounds" or "finish_s" (from the block's start) where taps tell
      def of(level, person_id)
        @blocks.filter_map do |line|
          taps = own(line, level, person_id)
          result = line.block.format.counts_rounds? ? rounds(taps) : finish(line, taps, level)
          {"block" => line.block.id, **result} if result
        end
      end

      # Reps of each total that is worked off, where anybody counted in the block: what was not tapped was not done.
      # @return [Hash{Array(String, String) => Integer}] by block and station
      def reps(level, person_id)
        @blocks.select { |line| line.block.format.tally == "total" }.each_with_object({}) do |line, found|
          taps = own(line, level, person_id).select(&:station)
          next if taps.empty?
          line.block.stations.select { |station| station.at(level) }.each { |station| found[[line.block.id, station.id]] = taps.select { |tap| tap.station == station.id }.sum(&:amount) }
        end
      end

      private

      # A person's own taps go before their level's.
      def own(line, level, person_id)
        of_block = @taps.select { |tap| tap.block == line.block.id }
        mine = of_block.select { |tap| person_id && tap.person_id == person_id }
        mine.any? ? mine : of_block.select { |tap| tap.person_id.nil? && tap.level == level }
      end

      def rounds(taps)
        counted = taps.reject(&:station).sum(&:amount)
        {"rounds" => counted} if counted.positive?
      end

      # Through with the last of its rounds, or with the last of its totals.
      def finish(line, taps, level)
        return unless line.block.paced? && taps.any? && taps.all?(&:at_s)
        last = line.block.format.tally ? totals(line, taps, level) : taps.reject(&:station)[line.block.rounds_for(level) - 1]&.at_s
        {"finish_s" => (last - line.start_s - line.block.get_ready_s).round} if last && last > line.start_s
      end

      def totals(line, taps, level)
        done = line.block.stations.all? { |station| station.at(level).nil? || taps.select { |tap| tap.station == station.id }.sum(&:amount) >= station.at(level).reps_counted }
        taps.map(&:at_s).max if done
      end
    end
  end
end
