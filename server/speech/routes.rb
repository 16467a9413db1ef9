# frozen_string_literal: true

module Server
  module Speech
    # Whether calls can be said here, and what they sound like.
    module Routes
      S = Sparrow::Schema
      WORDS = S::Record.new({"text" => S::Text.new(length: 1..240)}, required: %w[text])
      KEPT_S = 30 * 24 * 3600

      def self.registered(app)
        app.get("/api/speech", access: :helper) { render_json({"available" => Voice.there?}) }

        app.get("/api/speech/words", access: :helper) do
          asked = S.read(WORDS, params.slice("text"))
          wave = Voice.say(asked["text"])
          content_type "audio/wav"
          cache_control :private, max_age: KEPT_S
          etag Voice.digest(asked["text"], "en-gb")
          wave
        rescue Voice::Missing
          raise Http::Problems::Error.new(501, Sparrow.say("server.speech.no_voice_here"), Sparrow.say("server.speech.this_server_has_no_voice_install"))
        end
      end
    end
  end
end
