# frozen_string_literal: true

module Sparrow
  # The three ways in which every exercise is offered, easiest first.
  module Level
    ALL = %w[beginner intermediate advanced].freeze
    RANK = ALL.each_with_index.to_h.freeze

    SOMEBODY = {"beginner" => "A beginner", "intermediate" => "An intermediate", "advanced" => "Somebody advanced"}.freeze
    private_constant :SOMEBODY

    # @return [String] one of them, to begin a sentence with
    def self.somebody(level)
      SOMEBODY.fetch(level)
    end

    # @return [Integer] 1 for beginner to 3 for advanced
    def self.rank(level)
      RANK.fetch(level) + 1
    end

    # The level whose prescription a lane takes in round +round+ of an
    # escalating block: the lower of its own and the round's number.
    # @param round [Integer] counted from 1
    def self.escalated(level, round)
      ALL[[RANK.fetch(level), round - 1].min]
    end
  end
end
