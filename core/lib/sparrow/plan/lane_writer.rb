# frozen_string_literal: true

module Sparrow
  module Plan
    # Writes one lane from left to right; stretches of no length are not kept.
    class LaneWriter
      attr_reader :segments, :now_s

      def initialize(start_s)
        @now_s = start_s
        @segments = []
      end

      # @return [self]
      def write(kind, seconds, station = nil, round: nil, side: nil, level: nil)
        return self unless seconds.positive?
        @segments << Segment.new(kind, @now_s, seconds, station, round, side, level)
        @now_s += seconds
        self
      end

      # Ends the lane at a second, in the middle of whatever goes on then.
      # @return [self]
      def cut(end_s)
        while @now_s > end_s
          last = @segments.pop
          @now_s = last.start_s
          return write(last.kind, end_s - last.start_s, last.station, round: last.round, side: last.side, level: last.level) if last.start_s < end_s
        end
        self
      end
    end
  end
end
