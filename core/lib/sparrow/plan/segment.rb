# frozen_string_literal: true

module Sparrow
  module Plan
    # One stretch of one lane. start_s counts from the start of the class.
    # +side+ is "first" or "second" where a station is worked a side at a time;
    # +level+ is the prescription taken, which escalating blocks change.
    Segment = Value.row(:kind, :start_s, :seconds, :station, :round, :side, :level) do
      # @return [Integer] the second at which it is over
      def end_s
        start_s + seconds
      end
    end
  end
end
