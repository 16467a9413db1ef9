# frozen_string_literal: true

module Sparrow
  # What was given cannot be taken: each field that is wrong, with what is wrong.
  class Refused < StandardError
    attr_reader :problems

    # One field that cannot be taken.
    # @param pointer [String] JSON Pointer into what was given
    # @return [Refused]
    def self.at(pointer, message)
      new([Problem.new(pointer: pointer, message: message)])
    end

    # @param problems [Array<Problem>]
    # @raise [Refused] where there are any
    def self.where(problems)
      raise new(problems) if problems.any?
    end

    # @param problems [Array<Problem>]
    def initialize(problems)
      @problems = problems.freeze
      super(problems.map { |problem| "#{problem.pointer}: #{problem.message}" }.join("; "))
    end
  end
end
