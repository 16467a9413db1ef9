# frozen_string_literal: true

module Sparrow
  # Seconds as an instructor says them: “13:00”, “1:02:30”.
  module ClockText
    # @param seconds [Integer]
    def self.of(seconds)
      hours, rest = seconds.divmod(3600)
      minutes, secs = rest.divmod(60)
      hours.zero? ? format("%d:%02d", minutes, secs) : format("%d:%02d:%02d", hours, minutes, secs)
    end
  end
end
