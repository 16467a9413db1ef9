# frozen_string_literal: true

module Sparrow
  module People
    # The questions before the first class, and where somebody's answers leave
    # them. It advises and does not diagnose.
    module Screening
      # Not asked; every answer is no; a “yes” not yet cleared; a “yes” that a professional has cleared.
      STATES = %w[not_asked clear see_instructor cleared].freeze

      # @return [Array<Hash>] "id" and "question", in the order in which they are asked
      def self.questions
        @questions ||= YAML.safe_load_file(File.join(DATA, "house", "screening.yml")).each(&:freeze).freeze
      end

      # @param answers [Hash{String => Boolean}] by question; one left out counts as not asked
      # @param answered_on [Date, nil]
      # @param cleared_on [Date, nil] when a professional cleared them
      # @return [String] one of STATES
      def self.state(answers, answered_on:, cleared_on: nil)
        return "not_asked" if answered_on.nil? || questions.any? { |question| !answers.key?(question["id"]) }
        return "clear" if answers.values.none?
        (cleared_on && cleared_on >= answered_on) ? "cleared" : "see_instructor"
      end
    end
  end
end
