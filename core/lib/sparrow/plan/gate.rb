# frozen_string_literal: true

module Sparrow
  module Plan
    # A stretch of a paced block after which all wait for all. +arrivals+ holds,
    # per lane that takes part, the second at which it is predicted to arrive.
    Gate = Value.row(:round, :station, :start_s, :arrivals) do
      # @return [Integer] the second at which the slowest is through
      def end_s
        arrivals.each_value.max
      end
    end
  end
end
