# frozen_string_literal: true

require "securerandom"

module Server
  module Http
    # One line of JSON a request: id, method, the route as it is written in the
    # code, status, milliseconds. The path itself is not logged (a card's link is
    # in it), nor are query, body, names and addresses.
    class RequestLog
      ID = "sparrow.request_id"
      FORM = /\A[A-Za-z0-9-]{8,64}\z/

      def initialize(app, output: $stdout)
        @app = app
        @output = output
      end

      def call(env)
        started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
        input = env["HTTP_X_REQUEST_ID"].to_s
        id = env[ID] = FORM.match?(input) ? input : SecureRandom.uuid
        status, headers, body = answer(env, id)
        headers["x-request-id"] = id
        write(env, id, status, started: started)
        [status, headers, body]
      end

      # @return [String] such as "/api/cards/:token"; "none" where no route was met
      def self.route(env)
        env["sinatra.route"].to_s.split(" ", 2).last || "none"
      end

      private

      # Whatever goes wrong before the routes, a database that is away while tries
      # are counted among it, is told as a problem and not as a stack.
      def answer(env, id)
        @app.call(env)
      rescue => error
        env["sparrow.error"] = "#{error.class} at #{error.backtrace&.first.to_s.delete_prefix(ROOT)}"
        Http::Problems.rack(Database.away?(error) ? Http::Problems.database_away : Http::Problems.our_fault, request_id: id)
      end

      def write(env, id, status, started:)
        return unless @output
        took_ms = ((Process.clock_gettime(Process::CLOCK_MONOTONIC) - started) * 1000).round(1)
        line = {"at" => Time.now.utc.iso8601(3), "id" => id, "method" => env["REQUEST_METHOD"].to_s[/\A[A-Z]{1,10}\z/] || "?", "route" => RequestLog.route(env),
                "status" => status, "ms" => took_ms, "error" => env["sparrow.error"]&.scrub}.compact
        @output.write("#{JSON.generate(line)}\n")
      end
    end
  end
end
