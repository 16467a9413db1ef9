# frozen_string_literal: true

module Sparrow
  module Targets
    # A target in words, both numbers where they differ: «12 counted, 24 moves».
    module Wording
      # @param take [Circuit::Prescription]
      # @return [String]
      def self.of(take)
        return "hold #{take.hold_s} s" if take.hold_s
        return reps(take) if take.reps
        return "hold #{take.stop_s} s" if take.variation&.measure == "hold"
        return "keep going #{take.stop_s} s" if take.variation && !take.variation.counted?
        "as many clean reps as #{take.stop_s} s allow"
      end

      def self.reps(take)
        low, high = take.reps.minmax
        counted = (low == high) ? high.to_s : "#{low}–#{high}"
        return "#{counted} reps" if take.counting.moves_per_count == 1
        moves = [low, high].uniq.map { |count| take.counting.moves(count) }.join("–")
        "#{counted} #{COUNTED_AS.fetch(take.counting.rule)}, #{moves} moves"
      end
      private_class_method :reps

      COUNTED_AS = {
        "per_side" => "a side", "pair" => "pairs", "one_side" => "counted on one side", "compound" => "cycles"
      }.freeze
      private_constant :COUNTED_AS
    end
  end
end
