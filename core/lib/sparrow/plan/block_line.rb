# frozen_string_literal: true

module Sparrow
  module Plan
    # A block on the clock: where it starts, how long it takes for the slowest,
    # its lanes, each lane's visits, and what the calls are made from: windows
    # where the clock leads, gates where the people do. +forecast+ holds, per
    # lane, a Forecast where the people pace the block; +groups+ the order of each where they rotate.
    class BlockLine < Value.of(:block, :start_s, :total_s, :lanes, :visits, :windows, :gates, :forecast, :groups)
      NONE = [].freeze

      def end_s
        start_s + total_s
      end

      # @return [Boolean] whether the clock ends it, and not the slowest lane
      def ends_by_cap?
        !block.cap_s.nil? && total_s == block.get_ready_s + block.cap_s
      end

      # @return [Hash{String => Sums}] per level
      def sums
        lanes.to_h { |level, segments| [level, Sums.of(segments, visits.fetch(level, NONE))] }
      end
    end
  end
end
