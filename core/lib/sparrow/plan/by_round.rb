# frozen_string_literal: true

module Sparrow
  module Plan
    # Seconds of work or of rest as they may be typed: one number; one for each round, the last of which stands for
    # the rounds that follow; for a rest also a range, which is planned by its top, or a ratio of one's own work.
    class ByRound < Value.of(:seconds, :least, :ratio)
      # Kinds of fields in which it may be typed.
      KINDS = %w[by_round].freeze

      # @param typed [Object] as in read
      # @return [Array<Integer>] of all rounds, or the ends of the range
      def self.numbers(typed)
        typed.is_a?(Hash) ? typed.values_at("min", "max") : [*typed].grep(Integer)
      end

      # @param typed [Object] as in read
      # @return [Integer, nil] the longest of several; nil where it is one number
      def self.longest(typed)
        numbers(typed).max if typed.is_a?(Array) || typed.is_a?(Hash)
      end

      # Each number so much longer or shorter.
      # @param typed [Integer, Array<Integer>, Hash]
      # @return [Integer, Array<Integer>, Hash]
      def self.moved(typed, by)
        case typed
        when Array then typed.map { |seconds| seconds + by }
        when Hash then typed.transform_values { |seconds| seconds + by }
        else typed + by
        end
      end

      # @return [String] as it would be typed: “60, 50, 40”, “20–40”
      def self.words(typed)
        case typed
        when Array then typed.join(", ")
        when Hash then typed.values_at("min", "max").join("–")
        else typed.to_s
        end
      end

      # @param typed [Integer, Array<Integer>, Hash, nil] "min" and "max", or "ratio"
      # @return [ByRound, nil] nil where nothing is typed
      def self.read(typed)
        case typed
        when nil then nil
        when Array then new(seconds: typed.dup.freeze)
        when Hash then typed.key?("ratio") ? new(ratio: Rational(typed["ratio"].to_s)) : new(seconds: [typed["max"]].freeze, least: typed["min"])
        else new(seconds: [typed].freeze)
        end
      end

      # @param round [Integer] from 1
      # @param own_s [Integer] one's own work there
      # @return [Integer] seconds; of a ratio rounded up
      def in_round(round, own_s: 0)
        ratio ? (own_s * ratio).ceil : seconds[[round, seconds.size].min - 1]
      end

      # @return [Boolean]
      def changes?
        !ratio && seconds.size > 1
      end
    end
  end
end
