# frozen_string_literal: true

module Server
  module Http
    # Writes the session's cookie only where an answer has changed the session, and once a day
    # besides, so that it lasts while it is used. An answer that was still on its way while
    # somebody signed in would otherwise put the cookie of before back in its place.
    class SteadySession
      def initialize(app)
        @app = app
      end

      def call(env)
        session = env["rack.session"]
        before = session.to_hash
        answer = @app.call(env)
        session["day"] = today if session["token"] && session["day"] != today
        env["rack.session.options"][:skip] = true if session.to_hash == before
        answer
      end

      private

      def today
        Time.now.utc.to_date.iso8601
      end
    end
  end
end
