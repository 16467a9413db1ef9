# frozen_string_literal: true

module Server
  class Routes
    # Whether the process and its database answer.
    module HealthRoutes
      def self.registered(app)
        app.get("/health") do
          answers = Database.answers?
          render_json({"status" => answers ? "ok" : "no database", "database" => answers}, status: answers ? 200 : 503)
        end
      end
    end
  end
end
