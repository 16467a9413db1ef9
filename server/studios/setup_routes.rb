# frozen_string_literal: true

module Server
  module Studios
    # The first run: a studio of one's own, once, with the code that the start
    # command prints; and the demo, to be looked at before that.
    module SetupRoutes
      S = Sparrow::Schema
      CODE = S::Text.new(length: 1..40)
      FORM = S::Record.new({
        "code" => CODE, "studio" => Team::Contract::STUDIO_NAME, "time_zone" => Team::Contract::TIME_ZONE, "date_locale" => Team::Contract::DATE_LOCALE,
        "name" => Team::Contract::NAME, "email" => Team::Contract::EMAIL, "password" => Team::Contract::PASSWORD
      }, required: %w[code studio time_zone date_locale name email password])
      DEMO = S::Record.new({"code" => CODE}, required: %w[code])

      # What these routes share.
      module Helpers
        def setup_view
          {"needed" => !Records::Installation.current.set_up?, "demo" => Records::Studio.open.exists?(demo: true), "mailbox" => mailbox?,
           "time_zones" => Team::Contract::TIME_ZONES, "date_locales" => Team::Contract::DATE_LOCALES}
        end

        # @yield what may be done once, by who has the code, while nobody else does the same
        def with_setup_code(code)
          guard = Http::Throttle::SignInGuard.new(request.ip, "setup")
          wait = guard.enter
          raise Http::Throttle::SignInGuard.too_many(wait) if wait.positive?
          installation = Records::Installation.current
          installation.with_lock do
            raise Http::Problems::Error.new(409, Sparrow.say("server.studios.set_up_already"), Sparrow.say("server.studios.a_studio_has_been_set_up")) if installation.set_up?
            raise Sparrow::Refused.at("/code", Sparrow.say("server.studios.is_not_the_code_that_the")) unless installation.setup_code?(code)
            guard.right
            yield installation
          end
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/setup", access: :open) { render_json(setup_view) }

        app.post("/api/setup", takes: FORM, access: :open) do
          owner = with_setup_code(input["code"]) do |installation|
            found = Studios::Founding.new(**input.except("code").transform_keys(&:to_sym)).call
            installation.update!(setup_code_digest: nil)
            found
          end
          open_session(owner)
          render_json(session_view, status: 201)
        end

        app.post("/api/setup/demo", takes: DEMO, access: :open) do
          with_setup_code(input["code"]) { Studios::Demo.load }
          render_json({"email" => Studios::Demo.email, "password" => Studios::Demo.password}, status: 201)
        end
      end
    end
  end
end
