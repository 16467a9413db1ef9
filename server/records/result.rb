# frozen_string_literal: true

module Server
  module Records
    # What one person did at one station of a run.
    class Result < Base
      belongs_to :attendance, class_name: "Server::Records::Attendance"
    end
  end
end
