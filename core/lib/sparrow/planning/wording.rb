# frozen_string_literal: true

module Sparrow
  module Planning
    # A target in words, both numbers where they differ: “12 counted, 24 moves”.
    module Wording
      # @param station [Plan::Station]
      # @param level [String]
      # @return [String] on a ladder the number of each round
      def self.at(station, level)
        counts = station.counts&.fetch(level)
        return of(station.at(level)) if counts.nil? || counts.empty?
        return "#{counts.values.join(", ")} reps" if station.at(level).counting.moves_per_count == 1
        moves = station.at(level).counting.moves(counts.values.sum)
        "#{counts.values.join(", ")} #{COUNTED_AS.fetch(station.at(level).counting.rule)}, #{moves} moves"
      end

      # @param prescription [Plan::Prescription]
      # @return [String]
      def self.of(prescription)
        return "#{between(prescription.quota)} in the day" if prescription.quota
        return "hold #{between(prescription.hold)} s" if prescription.hold
        return reps(prescription) if prescription.reps
        return "hold #{prescription.stop_s} s" if prescription.variation&.measure == "hold"
        return "for #{prescription.stop_s} s" if prescription.variation && !prescription.variation.counted?
        "as many clean reps as #{prescription.stop_s} s allow"
      end

      def self.between(range)
        (range.min == range.max) ? range.max.to_s : "#{range.min}–#{range.max}"
      end

      def self.reps(prescription)
        low, high = prescription.reps.minmax
        counted = (low == high) ? high.to_s : "#{low}–#{high}"
        return "#{counted} #{(high == 1) ? "rep" : "reps"}" if prescription.counting.moves_per_count == 1
        moves = [low, high].uniq.map { |count| prescription.counting.moves(count) }.join("–")
        "#{counted} #{COUNTED_AS.fetch(prescription.counting.rule)}, #{moves} moves"
      end
      private_class_method :reps, :between

      COUNTED_AS = {
        "per_side" => "a side", "pair" => "pairs", "one_side" => "counted on one side", "compound" => "cycles"
      }.freeze
      private_constant :COUNTED_AS
    end
  end
end
