# frozen_string_literal: true

module Sparrow
  module Formats
    # Groups that start at different stations and move on together: one clock,
    # another order for each. The lanes are drawn as the first group walks.
    class Rotation
      # One group's way: at which station it stands in each window.
      Group = Value.of(:number, :stops)
      Stop = Struct.new(:start_s, :seconds, :round, :station)

      # @param windows [Array<Timeline::Window>] in order, a window for each station of a round
      def initialize(block, windows)
        @stations = block.stations
        @windows = windows
      end

      # @return [Array<Group>] as many as there are stations
      def groups
        @stations.each_index.map { |offset| Group.new(number: offset + 1, stops: stops(offset).freeze) }.freeze
      end

      private

      def stops(offset)
        @windows.map.with_index do |window, index|
          Stop.new(window.start_s, window.seconds, window.round, @stations[(index + offset) % @stations.size])
        end
      end
    end
  end
end
