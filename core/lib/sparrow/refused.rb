# frozen_string_literal: true

module Sparrow
  # Raised with every problem found, never only the first.
  class Refused < StandardError
    attr_reader :problems

    # @param problems [Array<Problem>]
    def initialize(problems)
      @problems = problems.freeze
      super(problems.map { |problem| "#{problem.pointer}: #{problem.message}" }.join("; "))
    end
  end
end
