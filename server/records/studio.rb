# frozen_string_literal: true

module Server
  module Records
    # A place with its own instructors, people, workouts and runs. Every query
    # of the signed-in begins here.
    class Studio < Base
      has_many :instructors, class_name: "Server::Records::Instructor"
      has_many :people, class_name: "Server::Records::Person"
      has_many :workouts, class_name: "Server::Records::Workout"
      has_many :runs, class_name: "Server::Records::Run"
    end
  end
end
