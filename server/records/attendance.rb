# frozen_string_literal: true

module Server
  module Records
    # One person at one run.
    class Attendance < Base
      belongs_to :run, class_name: "Server::Records::Run"
      belongs_to :person, class_name: "Server::Records::Person"
      encrypts :pain, :note
      has_many :results, class_name: "Server::Records::Result"
    end
  end
end
