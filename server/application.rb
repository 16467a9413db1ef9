# frozen_string_literal: true

require "rack/session"

module Server
  # The Rack application: what a request passes on its way in.
  module Application
    # @param settings [Settings]
    # @param log [IO, nil] where requests are noted
    def self.build(settings: Settings.current, log: $stdout)
      session = {key: "sparrow_session", secret: settings.session_secret, same_site: :lax, httponly: true,
                 secure: settings.https?, expire_after: Records::SignIn::LASTS}
      throttle = Throttle.middleware
      Rack::Builder.new do
        use Middleware::RequestLog, output: log
        use Security
        use Middleware::BodyLimit
        use throttle
        use Rack::Session::Cookie, session
        run Routes
      end.to_app
    end
  end
end
