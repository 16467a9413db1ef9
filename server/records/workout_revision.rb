# frozen_string_literal: true

module Server
  module Records
    # One version of a workout, as it was saved.
    class WorkoutRevision < Base
      include OfStudio

      belongs_to :workout, class_name: "Server::Records::Workout"
      belongs_to :instructor, class_name: "Server::Records::Instructor", optional: true
    end
  end
end
