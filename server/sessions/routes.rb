# frozen_string_literal: true

module Server
  module Sessions
    # Signing in and out.
    module Routes
      S = Sparrow::Schema
      FORM = S::Record.new({"email" => S::Text.new(length: 1..200), "password" => S::Text.new(length: 1..200)}, required: %w[email password])
      CODE = S::Record.new({"code" => S::Text.new(length: 1..40)}, required: %w[code])
      # Between the password and the code.
      PENDING_S = 300

      # What these routes, and others that sign somebody in, share.
      module Helpers
        def session_view
          {"instructor" => {"id" => instructor.id, "name" => instructor.name, "email" => instructor.email, "role" => instructor.role},
           "studio" => {"id" => studio.id, "name" => studio.name, "demo" => studio.demo, "time_zone" => studio.time_zone, "date_locale" => studio.date_locale, "units" => studio.units,
                        "instructors" => studio.instructors.active.order(:name).map { |held| {"id" => held.id, "name" => held.name} }}}
        end

        # A new session in this browser, whatever was there before.
        def open_session(whom)
          Records::SignIn.close(env["rack.session"]["token"]) if env["rack.session"]["token"]
          env["rack.session"].clear
          env["rack.session.options"][:renew] = true
          env["rack.session"]["token"] = token = Records::SignIn.open(whom, device: request.user_agent)
          env["rack.session"]["person"] = whom.id
          @sign_in = Records::SignIn.of(token)
          @instructor = @sign_in.instructor
          Http::Throttle::SignInGuard.new(request.ip, whom.email).remember(whom)
          Records::AuditEvent.note(whom, "signed_in")
        end

        # @return [Records::Instructor] whose password it is
        # @raise [Http::Problems::Error]
        def with_password(email, password)
          guard = Http::Throttle::SignInGuard.new(request.ip, email)
          whom = Records::Instructor.with_email(email)
          wait = guard.enter
          raise Http::Throttle::SignInGuard.too_many(wait) if wait.positive? && !guard.known?(whom)
          if Records::Instructor.password?(whom, password)
            guard.right
            return whom
          end
          raise wait.positive? ? Http::Throttle::SignInGuard.too_many(wait) : Http::Problems::Error.new(401, Sparrow.say("server.sessions.not_signed_in"), Sparrow.say("server.sessions.that_address_and_password_do_not"))
        end

        # Who has given their password, and is to give a code.
        def pending_instructor
          id, until_s = env["rack.session"]["pending"]
          (id && until_s > Time.now.to_i) ? Records::Instructor.active.find_by(id: id) : nil
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/session", access: :helper) { render_json(session_view) }

        app.post("/api/session", takes: FORM, access: :open) do
          whom = with_password(input["email"], input["password"])
          if whom.second_factor?
            env["rack.session"]["pending"] = [whom.id, Time.now.to_i + PENDING_S]
            next render_json({"second_factor" => true}, status: 202)
          end
          open_session(whom)
          render_json(session_view, status: 201)
        end

        app.post("/api/session/second-factor", takes: CODE, access: :open) do
          whom = pending_instructor
          raise Http::Problems::Error.new(401, Sparrow.say("server.sessions.not_signed_in"), Sparrow.say("server.sessions.sign_in_with_your_password_first")) unless whom
          guard = Http::Throttle::SignInGuard.new(request.ip, "second-factor/#{whom.id}")
          wait = guard.enter
          raise Http::Throttle::SignInGuard.too_many(wait) if wait.positive?
          raise Sparrow::Refused.at("/code", Sparrow.say("server.sessions.is_not_right_or_was_used")) unless Accounts::SecondFactor.new(whom).passes?(input["code"])
          guard.right
          open_session(whom)
          render_json(session_view, status: 201)
        end

        app.delete("/api/session", access: :open) do
          Records::SignIn.close(env["rack.session"]["token"])
          env["rack.session"].clear
          # What this site has kept in the browser goes with the session.
          headers "clear-site-data" => "\"cache\""
          status 204
        end
      end
    end
  end
end
