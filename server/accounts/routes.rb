# frozen_string_literal: true

module Server
  module Accounts
    # One's own account: name, password, second step, and where one is signed in.
    module Routes
      S = Sparrow::Schema
      CHANGE = S::Record.new({"name" => Team::Contract::NAME}, required: %w[name])
      PASSWORD = S::Record.new({"current" => Team::Contract::PASSWORD, "password" => Team::Contract::PASSWORD}, required: %w[current password])
      CODE = S::Record.new({"code" => S::Text.new(length: 1..40)}, required: %w[code])
      CONFIRM = S::Record.new({"password" => Team::Contract::PASSWORD}, required: %w[password])

      # What these routes share.
      module Helpers
        def account_view
          {"name" => instructor.name, "email" => instructor.email, "role" => instructor.role, "second_factor" => instructor.second_factor?,
           "recovery_codes_left" => instructor.recovery_codes.where(used_at: nil).count, "password_changed_at" => Http::Json.instant(instructor.password_changed_at),
           "sign_ins" => instructor.sign_ins.standing.order(last_seen_at: :desc).map { |held| sign_in_line(held) }}
        end

        def sign_in_line(held)
          {"id" => held.id, "device" => held.device, "since" => Http::Json.instant(held.created_at), "seen_at" => Http::Json.instant(held.last_seen_at || held.created_at), "here" => held.id == sign_in.id}
        end

        # What is decided here needs more than a device that was left open.
        # @raise [Sparrow::Refused, Http::Problems::Error]
        def confirm_password(password, pointer)
          guard = Http::Throttle::SignInGuard.new(request.ip, "confirm/#{instructor.id}")
          wait = guard.enter
          raise Http::Throttle::SignInGuard.too_many(wait) if wait.positive?
          raise Sparrow::Refused.at(pointer, Sparrow.say("server.accounts.is_not_the_one_that_you")) unless Records::Instructor.password?(instructor, password)
          guard.right
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/account", access: :helper) { render_json(account_view) }

        app.put("/api/account", takes: CHANGE, access: :helper) do
          instructor.update!(name: input["name"].strip)
          render_json(account_view)
        end

        app.put("/api/account/password", takes: PASSWORD, access: :helper) do
          confirm_password(input["current"], "/current")
          Passwords.check(input["password"], "/password", about: [instructor.name, instructor.email, studio.name])
          instructor.change_password(input["password"], keep: sign_in)
          Records::AuditEvent.note(instructor, "password_changed")
          render_json(account_view)
        end

        # Begins; nothing is asked for at the door until a code has been given.
        app.post("/api/account/second-factor", takes: CONFIRM, access: :helper) do
          confirm_password(input["password"], "/password")
          render_json(Accounts::SecondFactor.new(instructor).begin, status: 201)
        end

        app.put("/api/account/second-factor", takes: CODE, access: :helper) do
          codes = Accounts::SecondFactor.new(instructor).confirm(input["code"])
          raise Sparrow::Refused.at("/code", Sparrow.say("server.accounts.is_not_right_look_whether_your")) unless codes
          Records::AuditEvent.note(instructor, "second_factor_on")
          render_json({"recovery_codes" => codes})
        end

        app.post("/api/account/second-factor/off", takes: CONFIRM, access: :helper) do
          confirm_password(input["password"], "/password")
          Accounts::SecondFactor.new(instructor).off
          Records::AuditEvent.note(instructor, "second_factor_off")
          render_json(account_view)
        end

        app.delete("/api/account/sign-ins/:id", access: :helper) do |id|
          instructor.sign_ins.fetch(id).destroy!
          render_json(account_view)
        end

        # Every other device; with ?all=true this one too.
        app.delete("/api/account/sign-ins", access: :helper) do
          all = params["all"] == "true"
          Records::AuditEvent.note(instructor, "signed_out_everywhere")
          instructor.sign_ins.where.not(id: all ? nil : sign_in.id).delete_all
          env["rack.session"].clear if all
          status 204
        end
      end
    end
  end
end
