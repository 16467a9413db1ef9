# frozen_string_literal: true

module Server
  module Http
    # Ends a request that takes longer than any should, and tells it as a problem.
    # A statement has a shorter deadline of its own (Database).
    class Deadline
      SERVICE_S = 15

      # @param seconds [Integer]
      def initialize(app, seconds: SERVICE_S)
        Rack::Timeout::Logger.disable
        @timed = Rack::Timeout.new(app, service_timeout: seconds, wait_timeout: false, term_on_timeout: false)
      end

      def call(env)
        @timed.call(env)
      rescue Rack::Timeout::RequestTimeoutError
        env["sparrow.error"] = "deadline"
        Http::Problems.response(503, Sparrow.say("server.http.took_too_long"), Sparrow.say("server.http.this_took_longer_than_service_s_seconds", service_s: SERVICE_S),
          request_id: env[RequestLog::ID], headers: {"retry-after" => "5"})
      end
    end
  end
end
