# frozen_string_literal: true

module Server
  module Screens
    # Other screens of a run: the instructor opens one in the hall; whoever has its code sees it, and nothing else.
    module Routes
      # What these routes share.
      module Helpers
        def hall(code)
          opened { HallCode.open(code) }
        end

        def opened
          yield
        rescue HallCode::Invalid
          raise Http::Problems::Error.new(410, Sparrow.say("server.screens.not_open_any_more"), Sparrow.say("server.screens.this_screen_has_expired_or_was"))
        end

        def screens_view(run)
          Screens::View.new(run, address).to_h
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/runs/:id/screens", access: :helper) { |id| render_json(screens_view(run(id))) }

        app.post("/api/runs/:id/hall", access: :helper) do |id|
          stored = run(id)
          HallCode.make(stored)
          render_json(screens_view(stored), status: 201)
        end

        app.delete("/api/runs/:id/hall", access: :helper) do |id|
          stored = run(id)
          HallCode.close(stored)
          render_json(screens_view(stored))
        end

        app.get("/api/hall/:code", access: :open) { |code| render_json(HallView.new(hall(code)).to_h) }

        app.get("/api/hall/:code/events", access: :open) do |code|
          held = opened { HallCode.held(code) }
          render_json(HallView.events(held.studio_id, held.run_id))
        end

        app.get("/api/hall/:code/figures/:version", access: :open) do |code, version|
          shown = hall(code).studio.catalogue.variation(version)
          answer = Figures::View.house(version) || (shown && Figures::View.of(shown))
          raise Http::Problems.not_found unless answer
          cache_control(:private, max_age: Figures::Routes::HOUSE_KEPT_S)
          answer.text
        end

        # Only that something happened: what, is asked for.
        app.get("/api/hall/:code/stream", access: :open) do |code|
          shown = hall(code)
          stream(shown.studio_id, only: shown.id)
        end
      end
    end
  end
end
