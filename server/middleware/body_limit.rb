# frozen_string_literal: true

module Server
  module Middleware
    # Refuses a body over a megabyte before it is parsed; a workout of 60
    # stations in 30 blocks is smaller.
    class BodyLimit
      LIMIT = 1024 * 1024

      def initialize(app)
        @app = app
      end

      def call(env)
        return too_large(env) if env["CONTENT_LENGTH"].to_i > LIMIT
        input = env["rack.input"]
        if input && env["CONTENT_LENGTH"].nil? && env["HTTP_TRANSFER_ENCODING"]
          body = input.read(LIMIT + 1).to_s
          return too_large(env) if body.bytesize > LIMIT
          env["rack.input"] = StringIO.new(body)
        end
        @app.call(env)
      end

      private

      def too_large(env)
        Problems.response(413, "Too large", "The request is larger than a megabyte.", request_id: env[RequestLog::ID])
      end
    end
  end
end
