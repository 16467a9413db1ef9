# frozen_string_literal: true

module Sparrow
  module Formats
    module Ladder
      # The reps of each round of a ladder station, per level: the level's share of
      # the total, spread over the rounds that the level goes through there.
      class Counts
        # @param station [Hash] of the document, with its "ladder"
        # @param block [Hash] of the document
        # @param house [Standards::House]
        # @param levels [Hash{String => Prescription}]
        def initialize(station, block, house, levels:)
          @ladder = station.fetch("ladder")
          @station = station
          @block = block
          @house = house
          @levels = levels
        end

        # @return [Hash{String => Hash{Integer => Integer}}] level to round to reps
        # @raise [Standards::Distribution::Impossible]
        def by_level
          @levels.to_h { |level, _| [level, counts(level).freeze] }.freeze
        end

        # @return [Array<Integer>] the numbers of the rounds that +level+ meets it in
        def rounds(level)
          last = @block.fetch("rounds_by_level", {})[level] || @block.fetch("rounds")
          (1..last).select { |round| @station["in_rounds"].nil? || @station["in_rounds"].include?(round) }
        end

        # @return [Integer] the level's share of the total, in whole steps
        def total(level)
          input = @ladder.fetch("total")
          return input unless (@station["scaling"] || @block["scaling"]) == "share"
          shared = Standards::Rounding.of(input, share(level), alternating: @levels.fetch(level).requires_even_count?, fives_from: @house.fives_from)
          [Standards::Rounding.to_step(shared, step), step].max.clamp(nil, input)
        end

        # @return [Boolean] whether the level's total can be spread over its rounds
        def spreads?(level)
          counts(level)
          true
        rescue Standards::Distribution::Impossible
          false
        end

        private

        def counts(level)
          rounds = rounds(level)
          return {} if rounds.empty?
          rounds.zip(Standards::Distribution.over(total(level), weights(rounds), step: step)).to_h
        end

        def weights(rounds)
          return @ladder.fetch("counts").first(rounds.size) if @ladder["shape"] == "typed"
          Standards::Distribution.weights(@ladder.fetch("shape"), rounds.size)
        end

        def step
          @ladder.fetch("step", 1)
        end

        def share(level)
          shares = @station["shares"] || @block["shares"] || {}
          shares.key?(level) ? Rational(shares[level].to_s) / 100 : @house.share(:shares, level)
        end
      end
    end
  end
end
