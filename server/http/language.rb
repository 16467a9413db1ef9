# frozen_string_literal: true

module Server
  module Http
    # In which language somebody is answered. English ships; "en-XA" is a language that
    # nobody speaks, every letter accented and every sentence longer: what is still plain
    # English in it was left in the code. A cookie chooses it.
    class Language
      ALL = %w[en en-XA].freeze
      COOKIE = "language"

      # @param request [Rack::Request]
      # @return [String] one of ALL
      def self.of(request)
        chosen = request.cookies[COOKIE]
        ALL.include?(chosen) ? chosen : ALL.first
      end

      def initialize(app)
        @app = app
      end

      def call(env)
        I18n.with_locale(Language.of(Rack::Request.new(env))) { @app.call(env) }
      end
    end
  end
end
