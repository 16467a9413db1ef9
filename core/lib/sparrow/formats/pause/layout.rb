# frozen_string_literal: true

module Sparrow
  module Formats
    module Pause
      # A named stretch of time for everybody: welcome, demonstration, water.
      class Layout
        def initialize(block, start_s)
          @block = block
          @start_s = start_s
        end

        # @return [Plan::BlockLine]
        def call
          lanes = Level::ALL.to_h do |level|
            lane = Plan::LaneWriter.new(@start_s).write("ready", @block.get_ready_s).write("pause", @block.seconds)
            [level, lane.segments.freeze]
          end
          Plan::BlockLine.new(
            block: @block, start_s: @start_s, total_s: @block.get_ready_s + @block.seconds, lanes: lanes.freeze, visits: {}.freeze, windows: [].freeze
          )
        end
      end
    end
  end
end
