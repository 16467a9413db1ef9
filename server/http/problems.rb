# frozen_string_literal: true

module Server
  module Http
    # Errors as application/problem+json (RFC 9457).
    module Problems
      CONTENT_TYPE = "application/problem+json"

      # An error that a route raises and the client is told of.
      class Error < StandardError
        attr_reader :status, :title, :errors, :extra, :headers

        # @param headers [Hash] of the answer
        # @param errors [Array<Sparrow::Problem>] each with a JSON Pointer into the request's body
        # @param extra [Hash] further members of the answer
        def initialize(status, title, detail, errors: [], extra: {}, headers: {})
          @headers = headers
          @status = status
          @title = title
          @errors = errors
          @extra = extra
          super(detail)
        end
      end

      # @return [Hash] the body of the answer
      def self.body(status, title, detail, errors: [], extra: {}, request_id: nil)
        {"type" => "about:blank", "title" => title, "status" => status, "detail" => detail,
         "errors" => errors.map(&:to_h), "request_id" => request_id, **extra}
      end

      # @return [Array] a Rack response
      def self.response(status, title, detail, headers: {}, **rest)
        [status, {"content-type" => CONTENT_TYPE, **headers}, [JSON.generate(body(status, title, detail, **rest))]]
      end

      def self.not_found
        Error.new(404, "Not found", "There is nothing here under that address, or it is not your studio's.")
      end

      def self.not_signed_in
        Error.new(401, "Not signed in", "Sign in first.")
      end

      def self.database_away
        Error.new(503, "Not available", "The database does not answer. What you typed is still here; try again shortly.", headers: {"retry-after" => "3"})
      end

      def self.our_fault
        Error.new(500, "Something went wrong", "This is our fault. Tell us the request id.")
      end

      def self.not_allowed
        Error.new(403, "Not allowed", "Your role here does not include this. Ask an owner of the studio.")
      end

      # @param wait_s [Integer]
      def self.busy(wait_s = 2)
        Error.new(503, "Busy", "The server has too much to compute just now. Try again in a moment.", headers: {"retry-after" => wait_s.to_s})
      end

      # @return [Array] a Rack response of an error
      def self.rack(error, request_id: nil)
        response(error.status, error.title, error.message, headers: error.headers, errors: error.errors, extra: error.extra, request_id: request_id)
      end

      # @param under [String] the pointer of the part of the body that was read
      def self.unprocessable(refused, under: "")
        errors = refused.problems.map { |problem| problem.with(pointer: under + problem.pointer) }
        Error.new(422, "Some fields need correcting", "#{errors.size} #{(errors.size == 1) ? "field needs" : "fields need"} correcting.", errors: errors)
      end

      # @param errors [Array<Sparrow::Problem>] the fields that differ, where they are known
      # @param extra [Hash] both versions
      def self.conflict(detail, errors: [], **extra)
        Error.new(409, "A newer version was saved", detail, errors: errors, extra: extra.transform_keys(&:to_s))
      end
    end
  end
end
