# frozen_string_literal: true

module Server
  module Health
    # Whether the process is alive, and whether it can do its work.
    module Routes
      # What these routes share.
      module Helpers
        # @return [Hash{String => Boolean}]
        def readiness
          database = Database.answers?
          {"database" => database, "migrations" => database && Database.pending.zero?, "key" => database && KeyCheck.new.right?}
        rescue ActiveRecord::ActiveRecordError, PG::Error
          {"database" => false, "migrations" => false, "key" => false}
        end
      end

      def self.registered(app)
        app.helpers Helpers

        # For a supervisor: it asks nothing of anybody else.
        app.get("/health", access: :open) { render_json({"status" => "alive"}) }

        # For a load balancer: whether requests should come here.
        app.get("/ready", access: :open) do
          parts = readiness
          ready = parts.values.all?
          render_json({"status" => ready ? "ready" : Sparrow.say("server.health.not_ready"), **parts}, status: ready ? 200 : 503)
        end
      end
    end
  end
end
