# frozen_string_literal: true

module Sparrow
  module Planning
    class Solve
      # What a lane of a paced block takes by itself.
      module LaneTime
        # @param line [Plan::BlockLine]
        # @return [Integer] seconds until its last set is through; of as many rounds as possible, one round
        def self.of(line, level)
          line.forecast.fetch(level).lane_s
        end

        # Without the waits at gates, which are what is to be got rid of.
        def self.waitless(line, level)
          of(line, level) - line.forecast.fetch(level).waits_s
        end
      end
    end
  end
end
