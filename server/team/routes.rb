# frozen_string_literal: true

module Server
  module Team
    # The people of the team: owners invite them, give them a role, and disable them.
    module Routes
      S = Sparrow::Schema
      INVITE = S::Record.new({"name" => Team::Contract::NAME, "email" => Team::Contract::EMAIL, "role" => Team::Contract::ROLE}, required: %w[name email role])
      CHANGE = S::Record.new({"role" => Team::Contract::ROLE, "disabled" => S::BooleanType.new})

      # What these routes share.
      module Helpers
        def team_view
          {"members" => studio.instructors.includes(:sign_ins).order(:name).map { |member| member_line(member) },
           "invitations" => studio.invitations.where(accepted_at: nil, withdrawn_at: nil).order(created_at: :desc).map { |invitation| invitation_line(invitation) }}
        end

        def member_line(member)
          {"id" => member.id, "name" => member.name, "email" => member.email, "role" => member.role, "disabled" => !member.disabled_at.nil?,
           "second_factor" => member.second_factor?, "seen_at" => Http::Json.instant(member.sign_ins.filter_map(&:last_seen_at).max), "you" => member.id == instructor.id}
        end

        def invitation_line(invitation)
          {"id" => invitation.id, "name" => invitation.name, "email" => invitation.email, "role" => invitation.role, "expires_at" => Http::Json.instant(invitation.expires_at),
           "expired" => invitation.expires_at < Time.now.utc}
        end

        # @return [Hash] the link, shown to who invites so that it can be handed over by other means
        def invite(input)
          Team::Contract.check_email(input["email"], "/email")
          studio.invitations.where("lower(email) = ?", input["email"].strip.downcase).where(accepted_at: nil, withdrawn_at: nil).update_all(withdrawn_at: Time.now.utc)
          invitation = studio.invitations.create!(name: input["name"].strip, email: input["email"].strip, role: input["role"], invited_by: instructor,
            expires_at: Time.now.utc + Records::Invitation::LASTS)
          url = "#{address}/join/#{Http::SignedLinks.token(invitation, "invitation")}"
          Mailbox::Post.invitation(invitation, url)
          Records::AuditEvent.note(instructor, "invited", invitation, role: invitation.role)
          {"url" => url, "mailed" => !Settings.current.smtp.nil?}
        end

        # Under a lock of the studio, so that two owners cannot each make the other the last but none.
        def change_member(member, input)
          studio.with_lock do
            member.reload
            leaves = member.last_owner? && (input["disabled"] || (input["role"] && input["role"] != "owner"))
            raise Sparrow::Refused.at(input["disabled"] ? "/disabled" : "/role", Sparrow.say("server.team.would_leave_the_studio_without_an")) if leaves
            change_role(member, input["role"]) if input["role"] && input["role"] != member.role
            change_disabled(member, input["disabled"]) unless input["disabled"].nil? || input["disabled"] == !member.disabled_at.nil?
          end
        end

        def change_role(member, role)
          Records::AuditEvent.note(instructor, "role_changed", member, from: member.role, to: role)
          member.update!(role: role)
        end

        def change_disabled(member, disabled)
          disabled ? member.disable : member.update!(disabled_at: nil)
          Records::AuditEvent.note(instructor, disabled ? "colleague_disabled" : "colleague_enabled", member)
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/team", access: :owner) { render_json(team_view) }

        app.post("/api/team/invitations", takes: INVITE, access: :owner) { render_json({**invite(input), "team" => team_view}, status: 201) }

        app.delete("/api/team/invitations/:id", access: :owner) do |id|
          invitation = studio.invitations.fetch(id)
          invitation.update!(withdrawn_at: Time.now.utc)
          Records::AuditEvent.note(instructor, "invitation_withdrawn", invitation)
          render_json(team_view)
        end

        app.put("/api/team/:id", takes: CHANGE, access: :owner) do |id|
          change_member(studio.instructors.fetch(id), input)
          render_json(team_view)
        end
      end
    end
  end
end
