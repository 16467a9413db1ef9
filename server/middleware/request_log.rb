# frozen_string_literal: true

require "securerandom"

module Server
  module Middleware
    # One line of JSON a request: id, method, route, status, milliseconds. The
    # path is logged with ids only; query, body, names and addresses are not.
    class RequestLog
      ID = "sparrow.request_id"
      FORM = /\A[A-Za-z0-9-]{8,64}\z/

      def initialize(app, output: $stdout)
        @app = app
        @output = output
      end

      def call(env)
        started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
        given = env["HTTP_X_REQUEST_ID"].to_s
        id = env[ID] = FORM.match?(given) ? given : SecureRandom.uuid
        status, headers, body = @app.call(env)
        headers["x-request-id"] = id
        write(env, id, status, started)
        [status, headers, body]
      end

      private

      def write(env, id, status, started)
        return unless @output
        took_ms = ((Process.clock_gettime(Process::CLOCK_MONOTONIC) - started) * 1000).round(1)
        line = {"at" => Time.now.utc.iso8601(3), "id" => id, "method" => env["REQUEST_METHOD"], "path" => env["PATH_INFO"],
                "status" => status, "ms" => took_ms, "error" => env["sparrow.error"]}.compact
        @output.write("#{JSON.generate(line)}\n")
      end
    end
  end
end
