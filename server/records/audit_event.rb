# frozen_string_literal: true

module Server
  module Records
    # Who did what that somebody may ask about later. Added, never changed; gone
    # when the time is over that the studio keeps them. Nobody's name but the
    # actor's stands in it: whom it was about is looked up, and is gone when they are.
    class AuditEvent < Base
      belongs_to :studio, class_name: "Server::Records::Studio"

      ACTIONS = {
        "signed_in" => Sparrow.say("server.records.signed_in"), "signed_out_everywhere" => Sparrow.say("server.records.signed_out_other_devices"), "password_changed" => Sparrow.say("server.records.changed_the_password"),
        "password_reset" => Sparrow.say("server.records.set_a_new_password_by_link"), "second_factor_on" => Sparrow.say("server.records.switched_the_second_step_on"), "second_factor_off" => Sparrow.say("server.records.switched_the_second_step_off"),
        "invited" => Sparrow.say("server.records.invited_a_colleague"), "invitation_withdrawn" => Sparrow.say("server.records.withdrew_an_invitation"), "joined" => Sparrow.say("server.records.joined_the_team"), "role_changed" => Sparrow.say("server.records.changed_a_role"),
        "colleague_disabled" => Sparrow.say("server.records.disabled_a_colleague"), "colleague_enabled" => Sparrow.say("server.records.enabled_a_colleague"), "studio_set_up" => Sparrow.say("server.records.set_up_the_studio"), "studio_changed" => Sparrow.say("server.records.changed_the_studios_settings"),
        "studio_exported" => Sparrow.say("server.records.exported_the_whole_studio"), "health_read" => Sparrow.say("server.records.opened_health_notes"), "health_changed" => Sparrow.say("server.records.changed_health_notes"), "person_exported" => Sparrow.say("server.records.exported_a_person"),
        "person_erased" => Sparrow.say("server.records.erased_a_person"), "people_exported" => Sparrow.say("server.records.exported_people_as_csv"), "people_imported" => Sparrow.say("server.records.imported_people"), "fit_read" => Sparrow.say("server.records.opened_a_fit_sheet"), "fit_printed" => Sparrow.say("server.records.printed_a_class"),
        "roster_read" => Sparrow.say("server.records.opened_a_roster_with_soreness"), "log_read" => Sparrow.say("server.records.opened_a_log_with_pain_or"),
        "log_written" => Sparrow.say("server.records.wrote_a_log"), "log_brought_back" => Sparrow.say("server.records.brought_back_an_earlier_log"), "emergency_read" => Sparrow.say("server.records.opened_emergency_contacts")
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
