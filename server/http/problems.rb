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
        Error.new(404, Sparrow.say("server.http.not_found"), Sparrow.say("server.http.there_is_nothing_here_under_that"))
      end

      def self.not_signed_in
        Error.new(401, Sparrow.say("server.http.not_signed_in"), Sparrow.say("server.http.sign_in_first"))
      end

      def self.database_away
        Error.new(503, Sparrow.say("server.http.not_available"), "The database does not answer. What you typed is still here; try again shortly.", headers: {"retry-after" => "3"})
      end

      def self.our_fault
        Error.new(500, Sparrow.say("server.http.something_went_wrong"), Sparrow.say("server.http.this_is_our_fault_tell_us"))
      end

      def self.not_allowed
        Error.new(403, Sparrow.say("server.http.not_allowed"), Sparrow.say("server.http.your_role_here_does_not_include"))
      end

      # @param wait_s [Integer]
      def self.busy(wait_s = 2)
        Error.new(503, Sparrow.say("server.http.busy"), Sparrow.say("server.http.the_server_has_too_much_to"), headers: {"retry-after" => wait_s.to_s})
      end

      # @return [Array] a Rack response of an error
      def self.rack(error, request_id: nil)
        response(error.status, error.title, error.message, headers: error.headers, errors: error.errors, extra: error.extra, request_id: request_id)
      end

      # @param under [String] the pointer of the part of the body that was read
      def self.unprocessable(refused, under: "")
        errors = refused.problems.map { |problem| problem.with(pointer: under + problem.pointer) }
        Error.new(422, Sparrow.say("server.http.some_fields_need_correcting"), Sparrow.say("server.http.so_many_fields", count: errors.size), errors: errors)
      end

      # @param errors [Array<Sparrow::Problem>] the fields that differ, where they are known
      # @param extra [Hash] both versions
      def self.conflict(detail, errors: [], **extra)
        Error.new(409, Sparrow.say("server.http.a_newer_version_was_saved"), detail, errors: errors, extra: extra.transform_keys(&:to_s))
      end
    end
  end
end
