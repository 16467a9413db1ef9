# frozen_string_literal: true

module Server
  class Routes
    # The formats, as they declare themselves: what the board offers comes from here.
    module FormatRoutes
      def self.registered(app)
        app.get("/api/formats", access: :helper) do
          cache_control :private, :no_cache
          etag Views::Formats.tag
          Views::Formats.text
        end
      end
    end
  end
end
