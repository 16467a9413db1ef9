# frozen_string_literal: true

module Server
  module Passwords
    # A forgotten password, set anew by a link.
    module Routes
      S = Sparrow::Schema
      ASK = S::Record.new({"email" => Team::Contract::EMAIL}, required: %w[email])
      SET = S::Record.new({"password" => Team::Contract::PASSWORD}, required: %w[password])
      # Links to one person within an hour.
      MOST_LINKS = 3

      # What these routes share.
      module Helpers
        def password_link(token)
          Http::SignedLinks.find(token, "password", among: Records::PasswordLink.standing.includes(instructor: :studio)) || raise(Http::SignedLinks.void("link"))
        end

        # Whether anybody has the address is told to nobody but them.
        def send_password_link(email)
          whom = Records::Instructor.with_email(email)
          return if whom.nil? || whom.password_links.where("created_at > now() - interval '1 hour'").count >= MOST_LINKS
          link = whom.password_links.create!(expires_at: Time.now.utc + Records::PasswordLink::LASTS)
          Mailbox::Post.password_link(whom, "#{address}/new-password/#{Http::SignedLinks.token(link, "password")}")
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.post("/api/password-links", takes: ASK, access: :open) do
          send_password_link(input["email"])
          render_json({"sent" => Sparrow.say("server.passwords.if_somebody_here_has_this_address")}, status: 202)
        end

        app.get("/api/password-links/:token", access: :open) { |token| render_json({"name" => password_link(token).instructor.name}) }

        app.put("/api/password-links/:token", takes: SET, access: :open) do |token|
          link = password_link(token)
          whom = link.instructor
          Passwords.check(input["password"], "/password", about: [whom.name, whom.email, whom.studio.name])
          link.with_lock do
            raise Http::SignedLinks.void("link") if link.used_at
            whom.change_password(input["password"])
            Records::AuditEvent.note(whom, "password_reset")
          end
          status 204
        end
      end
    end
  end
end
