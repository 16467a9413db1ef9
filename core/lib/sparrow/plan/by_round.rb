# frozen_string_literal: true

module Sparrow
  module Plan
    # Seconds of work or of rest as they may be typed: one number; one for each round, the last of which stands for
    # the rounds that follow; for a rest also a range, which is planned by its top, or a ratio of one's own work.
    class ByRound < Value.of(:seconds, :least, :ratio)
      # Kinds of fields in which it may be typed.
      KINDS = %w[by_round].freeze

      # @param typed [Object] as in read
      # @return [Integer, nil] the longest of several; nil where it is one number
      def self.longest(typed)
        case typed
        when Array then typed.grep(Integer).max
        when Hash then typed["max"]
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
