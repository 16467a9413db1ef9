# frozen_string_literal: true

module Server
  module Pulse
    # Beats of pulse straps, from a bridge that holds a run's token; and whose are taken, which is for the instructor to say.
    module Routes
      S = Sparrow::Schema
      BEAT = S::Record.new({"person_id" => S::Text.new(length: 1..64), "bpm" => S::IntegerType.new(25..240, "beats a minute")}, required: %w[person_id bpm])
      BEATS = S::Record.new({"beats" => S::List.new(BEAT, size: 1..60, noun: "beats")}, required: %w[beats])
      AGREED = S::Record.new({"agrees" => S::BooleanType.new}, required: %w[agrees])

      # What these routes share.
      module Helpers
        def bridge
          Bridge.of(request.get_header("HTTP_AUTHORIZATION").to_s.delete_prefix("Bearer "))
        rescue Bridge::InvalidToken
          raise Http::Problems::Error.new(401, Sparrow.say("server.pulse.not_open_any_more"), Sparrow.say("server.pulse.this_token_has_expired_or_was"))
        end

        def pulse_view(run)
          Pulse::View.new(run).to_h
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/pulse", access: :open) { render_json({"wearers" => bridge.wearers}) }

        app.post("/api/pulse", takes: BEATS, access: :open) do
          held = bridge
          ignored = held.hear(input["beats"])
          Events.announce(held.run.studio_id, "pulse", held.run.id, origin: nil)
          render_json({"taken" => input["beats"].size - ignored.size, "ignored" => ignored})
        end

        app.get("/api/runs/:id/pulse") { |id| render_json(pulse_view(run(id))) }

        # Turns it on; the token is told once.
        app.post("/api/runs/:id/pulse") do |id|
          stored = run(id)
          token = Bridge.open(stored)
          render_json(pulse_view(stored).merge("token" => token), status: 201)
        end

        app.delete("/api/runs/:id/pulse") do |id|
          stored = run(id)
          Bridge.close(stored)
          render_json(pulse_view(stored))
        end

        app.put("/api/runs/:id/pulse/:person", takes: AGREED) do |id, person|
          stored = run(id)
          who = studio.people.fetch(person)
          straps = Records::PulseStrap.where(studio_id: studio.id, run_id: stored.id, person_id: who.id)
          input["agrees"] ? straps.first || straps.create!(agreed_at: Time.now.utc) : straps.delete_all
          render_json(pulse_view(stored))
        end
      end
    end
  end
end
