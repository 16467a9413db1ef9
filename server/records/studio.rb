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
      has_many :places, class_name: "Server::Records::Place"
      has_many :group_classes, class_name: "Server::Records::GroupClass"
      has_many :studio_movements, class_name: "Server::Records::StudioMovement"
      has_many :invitations, class_name: "Server::Records::Invitation"
      has_many :audit_events, class_name: "Server::Records::AuditEvent"
      scope :open, -> { where(closed_at: nil) }

      # Catalogues by studio, with the version they were read at; one hash write at a time.
      KEPT = {} # rubocop:disable Style/MutableConstant
      private_constant :KEPT

      # @return [Date] the day that it is where the studio is
      def today
        Time.now.in_time_zone(time_zone).to_date
      end

      # The house's movements and the studio's own, retired ones too: a circuit
      # that has one goes on. Read again when the studio changes one.
      # @return [Sparrow::Catalogue]
      def catalogue
        return Sparrow::Catalogue.house if movements_version.zero?
        version, kept = KEPT[id]
        return kept if version == movements_version
        Sparrow::Catalogue.house.with(studio_movements.order(:movement_id).map(&:movement)).tap { |fresh| KEPT[id] = [movements_version, fresh] }
      end

      # @return [Hash] as in a workout document's "house"; what the studio has not changed is left out
      def standards
        house.except("depth")
      end
    end
  end
end
