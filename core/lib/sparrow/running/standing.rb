# frozen_string_literal: true

module Sparrow
  module Running
    # Where a class stands in its plan at a second of it: which block, and what of it has begun.
    class Standing < Value.of(:timeline, :second, :catalogue)
      # @return [Plan::BlockLine] the block that is on, or comes next
      def line
        timeline.blocks.find { |held| second < held.end_s } || timeline.blocks.last
      end

      # @return [Symbol, nil] :behind, :on or :ahead; nil where there is no such block
      def of(block_id)
        held = timeline.blocks.find { |candidate| candidate.block.id == block_id }
        return unless held
        return :ahead if held.start_s > second
        held.equal?(line) ? :on : :behind
      end

      # @param station_id [String, nil] of the block that is on; nil for any of them
      # @return [Integer] the last round in which it has begun for anybody; 0 where it has not
      def begun(block_id, station_id = nil)
        return 0 unless of(block_id) == :on
        line.visits.each_value.flat_map { |visits| visits.select { |visit| visit.start_s <= second && (station_id.nil? || visit.station.id == station_id) }.map(&:round) }.max || 0
      end
    end
  end
end
