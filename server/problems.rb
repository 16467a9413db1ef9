# frozen_string_literal: true

module Server
  # Errors as application/problem+json (RFC 9457).
  module Problems
    CONTENT_TYPE = "application/problem+json"

    # An error that a route raises and the client is told of.
    class Error < StandardError
      attr_reader :status, :title, :errors, :extra

      # @param errors [Array<Sparrow::Problem>] each with a JSON Pointer into the request's body
      # @param extra [Hash] further members of the answer
      def initialize(status, title, detail, errors: [], extra: {})
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
    def self.response(status, title, detail, **rest)
      [status, {"content-type" => CONTENT_TYPE}, [JSON.generate(body(status, title, detail, **rest))]]
    end

    def self.not_found
      Error.new(404, "Not found", "There is nothing here under that address, or it is not your studio's.")
    end

    def self.not_signed_in
      Error.new(401, "Not signed in", "Sign in first.")
    end

    # @param under [String] the pointer of the part of the body that was read
    def self.unprocessable(refused, under: "")
      errors = refused.problems.map { |problem| problem.with(pointer: under + problem.pointer) }
      Error.new(422, "Some fields need mending", "#{errors.size} #{(errors.size == 1) ? "field needs" : "fields need"} mending.", errors: errors)
    end

    # @param extra [Hash] both versions
    def self.conflict(detail, **extra)
      Error.new(409, "A newer version was saved", detail, extra: extra.transform_keys(&:to_s))
    end
  end
end
