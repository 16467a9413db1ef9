# frozen_string_literal: true

module Server
  module Runs
    # When something happened, by the server's clock. Devices' own clocks may be wrong, by a second or by a year: what they
    # send says what time it is there, and is moved by the difference before it is kept.
    module DeviceTime
      # So much is the time that a message takes, and no difference of clocks.
      NEAR_MS = 250

      # @return [Integer] milliseconds since 1970
      def self.now_ms
        Process.clock_gettime(Process::CLOCK_REALTIME, :millisecond)
      end

      # @param at_ms [Integer] by the device
      # @param sent_at_ms [Integer] by the device, when it was sent
      # @return [Integer] by the server; nothing happened after now
      def self.corrected(at_ms, sent_at_ms:, now_ms: DeviceTime.now_ms)
        off_ms = now_ms - sent_at_ms
        off_ms = 0 if off_ms.abs <= NEAR_MS
        [at_ms + off_ms, now_ms].min
      end
    end
  end
end
