# frozen_string_literal: true

module Server
  module Records
    # Something that happened while a class ran, as a device saw it: appended, never changed. +at_ms+ is in the server's
    # time, +device_ms+ in the device's.
    class RunEvent < Base
      include OfStudio

      belongs_to :run, class_name: "Server::Records::Run"
      belongs_to :instructor, class_name: "Server::Records::Instructor", optional: true
      belongs_to :person, class_name: "Server::Records::Person", optional: true

      # @return [Sparrow::Running::Event]
      def to_event
        Sparrow::Running::Event.read(to_h)
      end

      # @return [Hash] as it is sent
      def to_h
        {"id" => event_id, "kind" => kind, "at_ms" => at_ms, **data, **(person_id ? {"person_id" => person_id} : {})}
      end
    end
  end
end
