# frozen_string_literal: true

module Server
  module Runs
    # One tap.
    class TickLine
      # @param tick [Records::Tick]
      def initialize(tick)
        @tick = tick
      end

      # @return [Hash]
      def to_h
        @tick.attributes.slice("client_key", "block", "station", "level", "person_id", "amount").merge("at" => Http::Json.instant(@tick.at))
      end
    end
  end
end
