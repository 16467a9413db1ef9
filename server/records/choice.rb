# frozen_string_literal: true

module Server
  module Records
    # The instructor's own word on one cell of a fit sheet.
    class Choice < Base
      include OfStudio

      belongs_to :group_class, class_name: "Server::Records::GroupClass"
      belongs_to :person, class_name: "Server::Records::Person"
      belongs_to :instructor, class_name: "Server::Records::Instructor", optional: true
      encrypts :why
    end
  end
end
