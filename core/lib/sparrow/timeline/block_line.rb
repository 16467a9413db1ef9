# frozen_string_literal: true

module Sparrow
  class Timeline
    # A block on the clock: where it starts, how long it takes for the slowest,
    # its lanes, and the windows from which the calls are made.
    class BlockLine < Value.of(:block, :start_s, :total_s, :lanes, :windows)
      def end_s
        start_s + total_s
      end

      # @return [Hash{String => Sums}] per level
      def sums
        lanes.to_h { |level, segments| [level, Sums.of(segments, targets(level))] }
      end

      private

      # The prescriptions that a lane meets, one for each visit to a station.
      def targets(lane)
        windows.select { |window| window.part != "second" && window.takes.key?(lane) }
          .map { |window| window.takes.fetch(lane) }
      end
    end
  end
end
