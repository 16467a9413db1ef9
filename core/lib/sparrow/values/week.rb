# frozen_string_literal: true

require "date"

module Sparrow
  # Weeks as a studio counts them.
  module Week
    # The day on which a week may begin, with its number in Date#wday.
    STARTS = {"monday" => 1, "sunday" => 0, "saturday" => 6}.freeze

    # @param day [Date]
    # @param start [String] one of STARTS
    # @return [Date] the first day of the week in which the day lies
    # @raise [KeyError] where no week begins on that day
    def self.first_day(day, start)
      day - ((day.wday - STARTS.fetch(start)) % 7)
    end
  end
end
