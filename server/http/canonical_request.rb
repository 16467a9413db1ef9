# frozen_string_literal: true

module Server
  module Http
    # Reads path and query once, before anything decides by them: everything behind
    # this sees one spelling of a path. What cannot be read is answered with 400.
    class CanonicalRequest
      MOST_PATH = 2048
      MOST_QUERY = 4096
      MOST_PARAMETERS = 32
      # What stands unencoded in the one spelling; a slash parts segments and is kept too.
      ENCODED = /[^A-Za-z0-9\-._~\/]/n
      UNREADABLE = /[\u0000-\u001f\u007f\\]/

      # The path or the query cannot be read.
      class Unreadable < StandardError; end

      def initialize(app)
        @app = app
      end

      def call(env)
        env["PATH_INFO"] = path(env["PATH_INFO"].to_s)
        env["REQUEST_PATH"] = env["PATH_INFO"]
        query(env)
        env["REQUEST_URI"] = [env["PATH_INFO"], env["QUERY_STRING"]].reject(&:empty?).join("?")
        @app.call(env)
      rescue Unreadable => unreadable
        Http::Problems.response(400, Sparrow.say("server.common.bad_request"), unreadable.message, request_id: env[RequestLog::ID])
      end

      private

      def path(raw)
        raise Unreadable, Sparrow.say("server.http.the_address_is_too_long") if raw.bytesize > MOST_PATH
        plain = decoded(raw, "address")
        raise Unreadable, Sparrow.say("server.http.the_address_has_an_encoded_slash") if raw.match?(/%(2f|5c)/i)
        raise Unreadable, Sparrow.say("server.http.the_address_must_begin_with_one") unless sound?(plain)
        raise Unreadable, Sparrow.say("server.http.the_address_is_encoded_twice") if plain.match?(/%\h\h/)
        plain.b.gsub(ENCODED) { |byte| format("%%%02X", byte.ord) }
      end

      def sound?(plain)
        plain.start_with?("/") && !plain.include?("//") && plain.split("/").none? { |segment| %w[. ..].include?(segment) }
      end

      def decoded(raw, noun)
        raise Unreadable, Sparrow.say("server.http.the_noun_has_a_percent_sign", noun: noun) if raw.b.match?(/%(?![0-9A-Fa-f]{2})/n)
        text = raw.b.gsub(/%([0-9A-Fa-f]{2})/n) { Regexp.last_match(1).hex.chr }.force_encoding(Encoding::UTF_8)
        raise Unreadable, Sparrow.say("server.http.the_noun_is_not_utf_8", noun: noun) unless text.valid_encoding?
        raise Unreadable, Sparrow.say("server.http.the_noun_has_characters_that_cannot", noun: noun) if text.match?(UNREADABLE)
        text
      end

      # Parsed here, so that whatever is wrong with it is told here.
      def query(env)
        raw = env["QUERY_STRING"].to_s
        return env["QUERY_STRING"] = "" if raw.empty?
        raise Unreadable, Sparrow.say("server.http.the_query_is_too_long") if raw.bytesize > MOST_QUERY
        decoded(raw.tr("+", " "), "query")
        raise Unreadable, Sparrow.say("server.http.the_query_has_more_than_most_parameters", most_parameters: MOST_PARAMETERS) if raw.count("&;") >= MOST_PARAMETERS
        Rack::Utils.parse_nested_query(raw)
      rescue Rack::QueryParser::ParameterTypeError, Rack::QueryParser::InvalidParameterError, Rack::QueryParser::QueryLimitError, RangeError
        raise Unreadable, Sparrow.say("server.http.the_query_cannot_be_read")
      end
    end
  end
end
