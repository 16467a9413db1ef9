# frozen_string_literal: true

module Server
  module Http
    # Refuses a body over a megabyte before it is parsed, and a body that is not
    # JSON before anything reads it. (The web server itself refuses larger ones
    # before they are written to disk: server/puma.rb.)
    class BodyLimit
      LIMIT = 1024 * 1024
      READING = %w[GET HEAD].freeze

      def initialize(app)
        @app = app
      end

      def call(env)
        return problem(env, 400, "Bad request", detail: "The length of the body is not a number.") unless env["CONTENT_LENGTH"].to_s.match?(/\A\d{0,12}\z/)
        return too_large(env) if env["CONTENT_LENGTH"].to_i > LIMIT
        return too_large(env) unless pieces_fit?(env)
        return @app.call(env) if json?(env)
        return not_json(env) unless env["REQUEST_METHOD"] == "DELETE"
        @app.call(env.merge!("rack.input" => StringIO.new, "CONTENT_LENGTH" => "0", "CONTENT_TYPE" => nil)) # nobody reads it
      end

      private

      # A body that comes in pieces does not say how long it is.
      def pieces_fit?(env)
        input = env["rack.input"]
        return true unless input && env["CONTENT_LENGTH"].nil? && env["HTTP_TRANSFER_ENCODING"]
        body = input.read(LIMIT + 1).to_s
        env["rack.input"] = StringIO.new(body)
        body.bytesize <= LIMIT
      end

      def json?(env)
        return true if READING.include?(env["REQUEST_METHOD"]) || (env["CONTENT_LENGTH"].to_i.zero? && env["HTTP_TRANSFER_ENCODING"].nil?)
        env["CONTENT_TYPE"].to_s.split(";").first.to_s.strip.casecmp?("application/json")
      end

      def too_large(env)
        problem(env, 413, "Too large", detail: "The request is larger than a megabyte.")
      end

      def not_json(env)
        problem(env, 415, "Not JSON", detail: "Send JSON, with the content type application/json.")
      end

      def problem(env, status, title, detail:)
        Http::Problems.response(status, title, detail, request_id: env[RequestLog::ID])
      end
    end
  end
end
