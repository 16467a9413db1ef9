# frozen_string_literal: true

module Sparrow
  module Plan
    # Seconds of each kind in a lane, and the reps it was asked for.
    class Sums < Value.of(:seconds, :reps_counted, :moves)
      # What may fill a second of a lane.
      KINDS = %w[ready work rest waiting switch transition pause done].freeze
      NO_SECONDS = KINDS.to_h { |kind| [kind, 0] }.freeze

      # @return [Sums] of an empty lane
      def self.none
        new(seconds: NO_SECONDS, reps_counted: 0, moves: 0)
      end

      # @param segments [Array<Segment>]
      # @param visits [Array<Visit>]
      def self.of(segments, visits)
        seconds = NO_SECONDS.dup
        segments.each { |segment| seconds[segment.kind] += segment.seconds }
        new(seconds: seconds.freeze, reps_counted: visits.sum(&:counted), moves: visits.sum(&:moves))
      end

      def +(other)
        self.class.new(
          seconds: seconds.merge(other.seconds) { |_, mine, theirs| mine + theirs }.freeze,
          reps_counted: reps_counted + other.reps_counted, moves: moves + other.moves
        )
      end

      # @return [Integer] of every kind together: the lane's length
      def total_s
        seconds.values.sum
      end

      # @return [Integer] seconds of one kind
      def [](kind)
        seconds.fetch(kind)
      end
    end
  end
end
