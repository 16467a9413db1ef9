# frozen_string_literal: true

module Server
  module Records
    # A run's log as it was written at one time: who, when and what. Pain and
    # notes are in it, so it is encrypted.
    class LogRevision < Base
      include OfStudio

      belongs_to :run, class_name: "Server::Records::Run"
      belongs_to :instructor, class_name: "Server::Records::Instructor", optional: true
      serialize :content, coder: JSON
      encrypts :content
    end
  end
end
