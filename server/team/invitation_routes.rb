# frozen_string_literal: true

module Server
  module Team
    # An invitation, for who holds its link.
    module InvitationRoutes
      S = Sparrow::Schema
      ACCEPT = S::Record.new({"name" => Team::Contract::NAME, "password" => Team::Contract::PASSWORD}, required: %w[name password])

      # What these routes share.
      module Helpers
        def standing_invitation(token)
          found = Http::SignedLinks.find(token, "invitation", among: Records::Invitation.standing.includes(:studio))
          raise Http::SignedLinks.void("invitation") unless found && found.studio.closed_at.nil?
          found
        end

        # @return [Records::Instructor] who has joined
        def accept(invitation, input)
          Team::Contract.check_email(invitation.email, "/email")
          Passwords.check(input["password"], "/password", about: [input["name"], invitation.email, invitation.studio.name])
          invitation.with_lock do
            raise Http::SignedLinks.void("invitation") if invitation.accepted_at || invitation.withdrawn_at
            invitation.update!(accepted_at: Time.now.utc)
            invitation.studio.instructors.create!(name: input["name"].strip, email: invitation.email, role: invitation.role, password: input["password"], password_changed_at: Time.now.utc)
              .tap { |joined| Records::AuditEvent.note(joined, "joined", role: joined.role) }
          end
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/invitations/:token", access: :open) do |token|
          invitation = standing_invitation(token)
          render_json({"studio" => invitation.studio.name, "name" => invitation.name, "email" => invitation.email, "role" => invitation.role})
        end

        app.post("/api/invitations/:token", takes: ACCEPT, access: :open) do |token|
          open_session(accept(standing_invitation(token), input))
          render_json(session_view, status: 201)
        end
      end
    end
  end
end
