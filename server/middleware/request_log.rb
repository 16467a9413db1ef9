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
        status, headers, body = answer(env, id)
        headers["x-request-id"] = id
        write(env, id, status, started)
        [status, headers, body]
      end

      private

      # Whatever goes wrong before the routes, a database that is away while tries
      # are counted among it, is told as a problem and not as a stack.
      def answer(env, id)
        @app.call(env)
      rescue ActiveRecord::ActiveRecordError, PG::Error => error
        env["sparrow.error"] = error.class.name
        Problems.response(503, "Not available", "The database does not answer. Try again shortly.", request_id: id)
      rescue => error
        env["sparrow.error"] = "#{error.class} at #{error.backtrace&.first.to_s.delete_prefix(ROOT)}"
        Problems.response(500, "Something went wrong", "This is our fault. Tell us the request id.", request_id: id)
      end

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
