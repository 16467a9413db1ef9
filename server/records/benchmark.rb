# frozen_string_literal: true

module Server
  module Records
    # One test that one person took on a day.
    class Benchmark < Base
      include OfStudio

      belongs_to :person, class_name: "Server::Records::Person"
      belongs_to :instructor, class_name: "Server::Records::Instructor", optional: true
    end
  end
end
