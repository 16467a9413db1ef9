# frozen_string_literal: true

module Server
  module Views
    # A workout with its document.
    class WorkoutWhole < WorkoutLine
      attributes :document
    end
  end
end
