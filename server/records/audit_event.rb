# frozen_string_literal: true

module Server
  module Records
    # Who did what that somebody may ask about later. Added, never changed; gone
    # when the time is over that the studio keeps them. Nobody's name but the
    # actor's stands in it: whom it was about is looked up, and is gone when they are.
    class AuditEvent < Base
      belongs_to :studio, class_name: "Server::Records::Studio"

      ACTIONS = {
        "signed_in" => "Signed in", "signed_out_everywhere" => "Signed out other devices", "password_changed" => "Changed the password",
        "password_reset" => "Set a new password by link", "second_factor_on" => "Switched the second step on", "second_factor_off" => "Switched the second step off",
        "invited" => "Invited a colleague", "invitation_withdrawn" => "Withdrew an invitation", "joined" => "Joined the team", "role_changed" => "Changed a role",
        "colleague_disabled" => "Disabled a colleague", "colleague_enabled" => "Enabled a colleague", "studio_set_up" => "Set up the studio", "studio_changed" => "Changed the studio's settings",
        "studio_exported" => "Exported the whole studio", "health_read" => "Opened health notes", "health_changed" => "Changed health notes", "person_exported" => "Exported a person",
        "person_erased" => "Erased a person", "people_exported" => "Exported people as CSV", "people_imported" => "Imported people", "fit_read" => "Opened a fit sheet", "fit_printed" => "Printed a class",
        "roster_read" => "Opened a roster with soreness", "log_read" => "Opened a log with pain or notes",
        "log_written" => "Wrote a log", "log_brought_back" => "Brought back an earlier log", "emergency_read" => "Opened emergency contacts"
      }.freeze
      # The same thing opened again within so long is noted once.
      ONCE_IN_S = 900

      # @param by [Instructor]
      # @param subject [Base, nil]
      def self.note(by, action, subject = nil, **detail)
        raise ArgumentError, action unless ACTIONS.key?(action)
        create!(studio_id: by.studio_id, instructor_id: by.id, actor: by.name, action: action, subject_type: subject && subject.class.name.demodulize,
          subject_id: subject&.id, detail: detail, at: Time.now.utc)
      end

      # @see note
      def self.note_reading(by, action, subject = nil)
        recent = where(studio_id: by.studio_id, instructor_id: by.id, action: action, subject_id: subject&.id, at: (Time.now.utc - ONCE_IN_S)..)
        note(by, action, subject) unless recent.exists?
      end

      # @return [Integer] how many were older than their studio keeps them
      def self.remove_old(studio)
        transaction do
          connection.execute("SET LOCAL sparrow.removing_old_events = 'yes'")
          where(studio_id: studio.id, at: ...(Time.now.utc - studio.audit_days * 86_400)).delete_all
        end
      end
    end
  end
end
