# frozen_string_literal: true

require "rack/deflater"
require "rack/session"

module Server
  # The Rack application: what a request passes on its way in.
  module Application
    COMPRESSED = %w[application/json application/problem+json application/schema+json text/html text/css text/csv text/javascript image/svg+xml].freeze

    # @param settings [Settings]
    # @param log [IO, nil] where requests are noted
    # @param throttled [Boolean] whether requests are counted; not where a load is measured
    def self.build(settings: Settings.current, log: $stdout, throttled: true)
      session = {key: "sparrow_session", secret: settings.session_secret, same_site: :lax, httponly: true,
                 secure: settings.https?, expire_after: Records::SignIn::LASTS}
      throttle = Http::Throttle.middleware
      Rack::Builder.new do
        use Http::RequestLog, output: log
        use Http::Metrics
        use Rack::Deflater, include: COMPRESSED, sync: false
        use Http::Language
        use Http::Security, settings: settings
        use Http::ClientAddress, settings: settings
        use Http::CanonicalRequest
        use Http::BodyLimit
        use Http::Deadline
        use Rack::Session::Cookie, session
        use Http::SteadySession
        use throttle if throttled
        run Http::Routes
      end.to_app
    end
  end
end
