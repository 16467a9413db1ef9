# frozen_string_literal: true

module Server
  module Team
    # What a studio and its people of the team are made of, wherever it is typed.
    module Contract
      S = Sparrow::Schema
      # A name is written in letters that can be seen: nothing that turns the line round or takes no room.
      VISIBLE = /\A(?=.*[[:alnum:]])[^\p{Cc}\p{Cf}\p{Zl}\p{Zp}]+\z/
      NAME = S::Text.new(length: 1..80, form: VISIBLE, says: Sparrow.say("server.team.must_be_a_name_in_visible"))
      STUDIO_NAME = S::Text.new(length: 1..120, form: VISIBLE, says: Sparrow.say("server.team.must_be_a_name_in_visible"))
      EMAIL = S::Text.new(length: 3..200, form: /\A\s*[^@\s,;<>]+@[^@\s,;<>]+\s*\z/, says: Sparrow.say("server.team.must_be_an_e_mail_address"))
      PASSWORD = S::Text.new(length: 1..200)
      ROLE = S::OneOf.new(*Records::Instructor::ROLES)
      TIME_ZONES = TZInfo::Timezone.all_data_zone_identifiers.select { |name| name.match?(%r{\A(Africa|America|Antarctica|Asia|Atlantic|Australia|Europe|Indian|Pacific)/}) }.push("UTC").freeze
      TIME_ZONE = S::OneOf.new(*TIME_ZONES, example: "Europe/London")
      # How days are written: 24 November or November 24.
      DATE_LOCALES = %w[en-GB en-US en-CA en-AU en-NZ en-IE en-IN en-ZA de-DE de-AT de-CH fr-FR fr-CA es-ES es-MX it-IT nl-NL pt-PT pt-BR da-DK sv-SE nb-NO fi-FI pl-PL cs-CZ hu-HU].freeze
      DATE_LOCALE = S::OneOf.new(*DATE_LOCALES)
      # Loads in kilograms or pounds, heights in centimetres or inches.
      UNITS = S::OneOf.new("metric", "imperial")
      WEEK_START = S::OneOf.new(*Sparrow::Week::STARTS.keys)
      GOING_UP = S::OneOf.new(*Sparrow::Fitting::GOING_UP)
      # Where calendars begin with Sunday, by the Unicode locale data; elsewhere they begin with Monday.
      SUNDAY_FIRST = %w[en-US en-CA fr-CA en-IN en-ZA es-MX pt-PT pt-BR].freeze
      DAYS = S::IntegerType.new(30..3650, "days")

      # @raise [Sparrow::Refused] where somebody has this address already
      def self.check_email(email, pointer, except: nil)
        taken = Records::Instructor.where("lower(email) = ?", email.strip.downcase).where.not(id: except)
        raise Sparrow::Refused.at(pointer, Sparrow.say("server.team.is_used_by_somebody_already")) if taken.exists?
      end
    end
  end
end
