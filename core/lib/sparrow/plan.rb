# frozen_string_literal: true

module Sparrow
  # A workout as immutable values, read from the workout document.
  module Plan
    # @param document [Hash] a workout document, parsed JSON
    # @param catalogue [Catalogue]
    # @return [Workout]
    # @raise [Refused] with a JSON Pointer and a message for each thing wrong
    def self.read(document, catalogue: Catalogue.house)
      over = Budget.new(document).problem
      Refused.where([over].compact)
      stored(document, catalogue: catalogue)
    end

    # A document that was taken once: what has been run can always be logged, whatever
    # is allowed by now.
    # @see read
    def self.stored(document, catalogue: Catalogue.house)
      normal = Schema.read(Form::WORKOUT, document)
      problems = References.new(normal, catalogue).problems
      Refused.where(problems)
      Build.new(normal, catalogue).workout
    end
  end
end
