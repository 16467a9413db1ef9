# frozen_string_literal: true

module Sparrow
  module Circuit
    # What one level does at one station. Everything that a level may leave to
    # its station, its block or its rung is settled here already: work_s, rest_s
    # (whole seconds), sides, counting, seconds_per_move (Rational). reps is a
    # Range of counted reps (8..8 for a plain 8), nil where none are asked.
    class Prescription < Value.of(
      :level, :pointer, :variation, :reps, :hold_s, :own_work_s, :work_s, :rest_s, :sides, :counting, :tempo, :seconds_per_move,
      :load_kg, :note
    )
      # The seconds that this level works in one window, before a switch is
      # taken out. A hold without a work time of its own is the level's stop; in
      # a split window it is held on each side.
      # @return [Integer]
      def stop_s
        return work_s if own_work_s || hold_s.nil?
        (sides == "split") ? hold_s * 2 : hold_s
      end

      # @return [Integer] the number called aloud: of a range its maximum; 0 where none is asked
      def reps_counted
        reps ? reps.max : 0
      end

      # @return [Integer] moves done for that number
      def moves
        counting.moves(reps_counted)
      end

      # @param two_windows [Boolean] whether the station takes a full window a side
      # @param switch_s [Integer] taken out of the second half of a split window
      # @return [Array<Integer>] the unbroken stretches of work, in seconds
      def stretches(two_windows:, switch_s:)
        return [stop_s, stop_s] if two_windows
        return [stop_s] unless sides == "split"
        [(stop_s + 1) / 2, (stop_s / 2) - switch_s]
      end
    end
  end
end
