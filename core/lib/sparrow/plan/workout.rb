# frozen_string_literal: true

module Sparrow
  module Plan
    # Blocks in order. +document+ is the document it was read from, in its
    # normal form (no nulls).
    class Workout < Value.of(:title, :slot_minutes, :head_count, :depth, :house, :conditions, :blocks, :document)
      # @yield [Block, Station] every station of every block, in order
      def each_station
        return to_enum(:each_station) unless block_given?
        blocks.each { |block| block.stations.each { |station| yield block, station } }
      end

      # @return [Integer, nil] the slot's length in seconds
      def slot_s
        slot_minutes && (slot_minutes * 60)
      end
    end
  end
end
