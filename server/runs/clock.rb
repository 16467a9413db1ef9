# frozen_string_literal: true

module Server
  module Runs
    # A run's clock as a device tells it. Devices' own clocks may be wrong, by a
    # second or by a year: a telling says what time it was on the device when it was
    # sent, and everything in it is moved to the server's time before it is kept.
    class Clock
      # So much is the time that a message takes, and no difference of clocks.
      NEAR_MS = 250

      # @param given [Hash] "anchor_ms", "paused_at_ms", "additions", "finished", "told_at_ms", "sent_at_ms"
      # @param now_ms [Integer] the server's time
      def initialize(input, now_ms: Runs::Clock.now_ms)
        @input = input
        @now_ms = now_ms
        @off_ms = now_ms - input.fetch("sent_at_ms")
        @off_ms = 0 if @off_ms.abs <= NEAR_MS
      end

      # @return [Integer] milliseconds since 1970
      def self.now_ms
        Process.clock_gettime(Process::CLOCK_REALTIME, :millisecond)
      end

      # @return [Hash] in the server's time; nothing in it was told after now
      def corrected
        moved = @input.except("sent_at_ms").merge("anchor_ms" => @input["anchor_ms"] + @off_ms, "told_at_ms" => [@input["told_at_ms"] + @off_ms, @now_ms].min)
        moved["paused_at_ms"] = @input["paused_at_ms"] + @off_ms if @input["paused_at_ms"]
        moved
      end

      # @param kept [Hash, nil] the clock that was told before
      # @return [Boolean] whether this telling is newer; what claims to be from the future counts for nothing
      def newer_than?(kept)
        kept.nil? || kept["told_at_ms"] > @now_ms || corrected["told_at_ms"] >= kept["told_at_ms"]
      end
    end
  end
end
