# frozen_string_literal: true

module Sparrow
  # How a block's stations are laid on the clock: one file a format.
  module Formats
    # @param block [Circuit::Block]
    # @param start_s [Integer] seconds from the start of the class
    # @return [Timeline::BlockLine]
    def self.lay_out(block, start_s)
      case block.format
      when "intervals" then Intervals.new(block, start_s).call
      when "pause" then Pause.new(block, start_s).call
      end
    end
  end
end
