# frozen_string_literal: true

module Sparrow
  # The formats, a folder each: what it declares, and how it is laid on the clock.
  module Formats
    # In the order in which they are offered. A new one is a folder and a line here.
    def self.register
      [Intervals, EveryMinute, Rounds, Amrap, Chipper, Ladder, Partner, Quota, Pause].each { |format| Plan::Format.register(format::Declaration.new) }
    end
  end
end
