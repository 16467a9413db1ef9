# frozen_string_literal: true

module Server
  module Workouts
    # A workout with its document.
    class View < Line
      def to_h
        super.merge("document" => @workout.document)
      end
    end
  end
end
