# frozen_string_literal: true

module Server
  module Workouts
    # A workout with its document.
    class View < Line
      attributes :document
    end
  end
end
