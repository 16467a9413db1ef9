# frozen_string_literal: true

module Sparrow
  # How a block's stations are laid on the clock: one file a format.
  module Formats
    BY_NAME = {
      "intervals" => Intervals, "every_minute" => EveryMinute, "rounds" => Rounds, "ladder" => Rounds, "amrap" => Amrap,
      "chipper" => Chipper, "quota" => Quota, "pause" => Pause
    }.freeze

    # @param block [Circuit::Block]
    # @param start_s [Integer] seconds from the start of the class
    # @return [Timeline::BlockLine]
    def self.lay_out(block, start_s)
      BY_NAME.fetch(block.format).new(block, start_s).call
    end
  end
end
