# frozen_string_literal: true

module Sparrow
  module Planning
    # A target in words, both numbers where they differ: “12 counted, 24 moves”.
    module Wording
      # @param station [Plan::Station]
      # @param level [String]
      # @return [String] on a ladder the number of each round
      def self.at(station, level)
        return Sparrow.say("planning.sits_this_out") unless station.at(level)
        counts = station.counts&.fetch(level)
        return of(station.at(level)) if counts.nil? || counts.empty?
        return Sparrow.say("planning.so_many_reps", reps: counts.values.join(", "), count: 2) if station.at(level).counting.moves_per_count == 1
        moves = station.at(level).counting.moves(counts.values.sum)
        Sparrow.say("planning.values_counted_as_moves_moves", values: counts.values.join(", "), counted_as: COUNTED_AS.fetch(station.at(level).counting.rule), moves: moves)
      end

      # @param prescription [Plan::Prescription]
      # @return [String]
      def self.of(prescription)
        return Sparrow.say("planning.between_in_the_day", between: between(prescription.quota)) if prescription.quota
        return reps(prescription) if prescription.reps
        timed = timed(prescription)
        (prescription.sides == "both") ? timed : Sparrow.say("planning.target_each_side", target: timed)
      end

      # Of a station that is worked a side at a time the seconds are those of one side: the first, where one is odd.
      def self.timed(prescription)
        return Sparrow.say("planning.hold_between_s", between: between(prescription.hold)) if prescription.hold
        stop_s = stops(prescription)
        return Sparrow.say("planning.hold_stop_s_s", stop_s: stop_s) if prescription.variation&.measure == "hold"
        return Sparrow.say("planning.for_stop_s_s", stop_s: stop_s) if prescription.variation && !prescription.variation.counted?
        Sparrow.say("planning.as_many_clean_reps_as_stop_s", stop_s: stop_s)
      end

      # @return [Integer, String] seconds; where they change from round to round one number for each: “60, 50, 40”
      def self.stops(prescription)
        rounds = prescription.works&.changes? ? prescription.works.seconds.each_index.map { |index| prescription.stop_s(index + 1) } : [prescription.stop_s]
        own = rounds.map { |seconds| (prescription.sides == "split") ? (seconds + 1) / 2 : seconds }
        (own.size == 1) ? own.first : own.join(", ")
      end

      # @param prescription [Plan::Prescription]
      # @return [String] the number alone, as it would be typed: “8–12”
      def self.number(prescription)
        return between(prescription.reps) if prescription.reps
        prescription.hold ? between(prescription.hold) : prescription.stop_s.to_s
      end

      def self.between(range)
        (range.min == range.max) ? range.max.to_s : "#{range.min}–#{range.max}"
      end

      # @return [Sentence] how many are counted: reps, or of a set of parts times through all of them
      def self.counted(prescription)
        count = prescription.reps_counted
        return Sparrow.say("planning.so_many_cycles", cycles: count, count: count) if prescription.counting.rule == "compound"
        Sparrow.say("planning.so_many_reps", reps: count, count: count)
      end

      def self.reps(prescription)
        low, high = prescription.reps.minmax
        counted = (low == high) ? high.to_s : "#{low}–#{high}"
        return Sparrow.say("planning.so_many_reps", reps: counted, count: high) if prescription.counting.moves_per_count == 1
        moves = [low, high].uniq.map { |count| prescription.counting.moves(count) }.join("–")
        Sparrow.say("planning.counted_counted_as_moves_moves", counted: counted, counted_as: COUNTED_AS.fetch(prescription.counting.rule), moves: moves)
      end
      private_class_method :reps, :between, :timed, :stops

      COUNTED_AS = {
        "per_side" => Sparrow.say("planning.a_side"), "pair" => Sparrow.say("planning.pairs"), "one_side" => Sparrow.say("planning.counted_on_one_side"), "compound" => Sparrow.say("planning.cycles")
      }.freeze
      private_constant :COUNTED_AS
    end
  end
end
