# frozen_string_literal: true

module Server
  module Studios
    # A new studio with its first owner.
    class Founding
      # @param studio [String] its name
      # @param password [String] of the owner
      def initialize(studio:, time_zone:, date_locale:, name:, email:, password:)
        @studio = {name: studio.strip, time_zone: time_zone, date_locale: date_locale, week_start: Team::Contract::SUNDAY_FIRST.include?(date_locale) ? "sunday" : "monday"}
        @owner = {name: name.strip, email: email.strip, role: "owner"}
        @password = password
      end

      # @return [Records::Instructor]
      # @raise [Sparrow::Refused]
      def call
        Team::Contract.check_email(@owner[:email], "/email")
        Passwords.check(@password, "/password", about: [@owner[:name], @owner[:email], @studio[:name]])
        Records::Studio.transaction do
          studio = Records::Studio.create!(**@studio)
          owner = studio.instructors.create!(**@owner, password: @password, password_changed_at: Time.now.utc)
          Records::AuditEvent.note(owner, "studio_set_up")
          owner
        end
      end
    end
  end
end
