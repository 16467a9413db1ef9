# frozen_string_literal: true

module Sparrow
  module Plan
    # One lane's turn at one station: the prescription taken, the reps as
    # counted, when the work begins, and the seconds of work in it. +sets+ holds
    # the reps of each set where it is done in several, nil for one.
    Visit = Value.row(:station, :round, :prescription, :counted, :start_s, :work_s, :sets) do
      # @return [Integer]
      def moves
        prescription.counting.moves(counted)
      end
    end
  end
end
