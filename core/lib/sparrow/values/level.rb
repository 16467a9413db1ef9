# frozen_string_literal: true

module Sparrow
  # The three ways in which every exercise is offered, easiest first.
  module Level
    ALL = %w[beginner intermediate advanced].freeze
    RANK = ALL.each_with_index.to_h.freeze

    SOMEBODY = {"beginner" => Sparrow.say("values.a_beginner"), "intermediate" => Sparrow.say("values.an_intermediate"), "advanced" => Sparrow.say("values.somebody_advanced")}.freeze
    private_constant :SOMEBODY

    # @return [String] one of them, to begin a sentence with
    def self.somebody(level)
      SOMEBODY.fetch(level)
    end

    # @return [String] “beginner”, inside a sentence
    def self.words(level)
      Sparrow.say("levels.#{level}")
    end

    # @return [String] “Beginner”, as a name
    def self.name_of(level)
      Sparrow.say("levels.#{level}_name")
    end

    # @return [String] “Beginner and Intermediate: stop”
    def self.stop(levels)
      names = levels.map { |level| name_of(level) }
      Sparrow.say("plan.levels_stop", levels: names.reduce { |these, that| Sparrow.say("common.these_and_that", these: these, that: that) })
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
