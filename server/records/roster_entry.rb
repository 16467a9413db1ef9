# frozen_string_literal: true

module Server
  module Records
    # One person on the roster of one class, and how they are that day.
    class RosterEntry < Base
      include OfStudio

      # Names of before, which the version before still writes (20261127000011).
      self.ignored_columns = %w[lane]

      belongs_to :group_class, class_name: "Server::Records::GroupClass"
      belongs_to :person, class_name: "Server::Records::Person"
      serialize :sore, coder: JSON
      encrypts :sore
    end
  end
end
