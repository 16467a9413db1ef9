# frozen_string_literal: true

module Sparrow
  module Plan
    # One stretch of work under the common clock, as the caller sees it.
    # +stops+ holds, per lane still going, the second at which it stops;
    # +switch_s+ the second of the switch call within it, or nil; +part+ is
    # "whole", or "first"/"second" where a station takes a window a side.
    Window = Value.row(:block, :station, :round, :part, :start_s, :seconds, :stops, :switch_s, :prescriptions) do
      def end_s
        start_s + seconds
      end
    end
  end
end
