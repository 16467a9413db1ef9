# frozen_string_literal: true

module Sparrow
  # How a block's stations are laid on the clock: one file a format.
  module Formats
    BY_NAME = {
      "intervals" => Intervals, "every_minute" => EveryMinute, "rounds" => Rounds, "ladder" => Rounds, "amrap" => Amrap,
      "chipper" => Chipper, "quota" => Quota, "pause" => Pause
    }.freeze

    # Tells the timeline which layout a block of each format has: it asks, and knows none of them.
    def self.register
      BY_NAME.each { |name, layout| Timeline.register(name, layout) }
    end
  end
end
