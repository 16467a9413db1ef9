# frozen_string_literal: true

module Sparrow
  module Formats
    # Groups that start at different stations and move on together: one clock,
    # another order for each. The lanes are drawn as the first group walks.
    class Rotation
      # @param windows [Array<Plan::Window>] in order, a window for each station of a round
      def initialize(block, windows)
        @stations = block.stations
        @windows = windows
      end

      # @return [Array<Plan::Group>] as many as there are stations
      def groups
        @stations.each_index.map { |offset| Plan::Group.new(label: Sparrow.say("formats.group_offset", offset: offset + 1), stops: stops(offset).freeze) }.freeze
      end

      private

      def stops(offset)
        @windows.map.with_index do |window, index|
          Plan::Group::Stop.new(start_s: window.start_s, seconds: window.seconds, round: window.round, station: @stations[(index + offset) % @stations.size])
        end
      end
    end
  end
end
