# frozen_string_literal: true

module Server
  module Events
    # Changes as they happen, as server-sent events; and the noting of them.
    module Routes
      # A body that is written by somebody else, later.
      NOTHING = Enumerator.new { nil }

      # What else may keep a page told.
      module Helpers
        # @param only [String, nil] the record of which alone the page is told, and not which it is
        def stream(studio_id, only: nil)
          raise Http::Problems::Error.new(406, Sparrow.say("server.events.no_streams_here"), Sparrow.say("server.events.this_server_cannot_keep_a_page")) unless env["rack.hijack?"]
          seen = Integer(env["HTTP_LAST_EVENT_ID"].to_s, 10, exception: false)
          headers "content-type" => "text/event-stream", "cache-control" => "no-store", "x-accel-buffering" => "no",
            "rack.hijack" => ->(io) { Routes.hand_over(io, studio_id, seen: seen, only: only) }
          body NOTHING
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/events", access: :helper) { stream(studio.id) }

        app.after do
          kind, id = Events.change_of(request.request_method, request.path_info)
          next unless kind && response.successful? && @instructor
          Events.announce(@instructor.studio_id, kind, id, origin: request.get_header("HTTP_X_TAB").to_s[/\A[\w-]{1,64}\z/])
        end
      end

      # The web server's thread is free again after this.
      def self.hand_over(io, studio_id, seen: nil, only: nil)
        Events.hub.add(io, studio_id, seen: seen, only: only)
      rescue Events::Hub::Full
        io.close
      end
    end
  end
end
