# frozen_string_literal: true

module Server
  module Runs
    # When something happened, by the server's clock. Devices' own clocks may be wrong, by a second or by a year: a device
    # measures by the quickest answer how far the server's is ahead, and says so with what it sends.
    module DeviceTime
      # @return [Integer] milliseconds since 1970
      def self.now_ms
        Process.clock_gettime(Process::CLOCK_REALTIME, :millisecond)
      end

      # @param at_ms [Integer] by the device
      # @param ahead_ms [Integer] how far the server's clock is ahead of the device's
      # @return [Integer] by the server; nothing happened after now
      def self.corrected(at_ms, ahead_ms:, now_ms: DeviceTime.now_ms)
        (at_ms + ahead_ms).clamp(0, now_ms)
      end
    end
  end
end
