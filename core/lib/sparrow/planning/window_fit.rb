# frozen_string_literal: true

module Sparrow
  module Planning
    # How many counted reps a level's window has time for, by tempo:
    # moves in a stretch = floor(stretch ÷ seconds per move).
    class WindowFit < Value.of(:prescription, :window_s, :fits)
      # @param block [Plan::Block]
      # @param station [Plan::Station]
      # @param level [String]
      # @return [WindowFit] fits is nil where the variation is not counted; window_s and fits
      #   are nil where the people pace the block
      def self.of(block, station, level)
        prescription = station.at(level)
        stretches = block.format.stretches(block, station, level)
        return new(prescription: prescription) unless stretches
        new(prescription: prescription, window_s: stretches.sum, fits: counted_in(stretches, prescription))
      end

      # Where a number is for each side and each side has its own stretch, the
      # shorter side decides.
      def self.counted_in(stretches, prescription)
        return unless prescription.seconds_per_move
        moves = stretches.map { |seconds| (seconds / prescription.seconds_per_move).floor }
        return moves.min if prescription.counting.rule == "per_side" && moves.size == 2
        prescription.counting.counted(moves.sum)
      end
      private_class_method :counted_in

      # @return [Integer, nil] seconds that the asked moves take, rounded up
      def set_s
        return unless prescription.reps && prescription.seconds_per_move
        (prescription.moves * prescription.seconds_per_move).ceil
      end

      # What the asked set leaves of its window: rest, where it is not overrun.
      # @return [Integer, nil] seconds, below 0 where it is
      def left_s
        set_s && window_s && (window_s - set_s)
      end

      # @return [Boolean] whether more is asked than the window has time for
      def overrun?
        !fits.nil? && prescription.reps_counted > fits
      end
    end
  end
end
