# frozen_string_literal: true

module Server
  module Http
    # Links that are sent to somebody: signed, for one purpose, until a time. What
    # each may be used for once is kept in its record.
    module SignedLinks
      # @param record [Records::Base] with expires_at
      # @return [String] a token for an address
      def self.token(record, purpose)
        verifier.generate(record.id, purpose: purpose, expires_at: record.expires_at)
      end

      # @param among [ActiveRecord::Relation] those that still stand
      # @return [Records::Base, nil]
      def self.find(token, purpose, among:)
        id = verifier.verified(token.to_s, purpose: purpose)
        id && among.find_by(id: id)
      end

      # @return [Http::Problems::Error]
      def self.void(noun)
        Http::Problems::Error.new(410, Sparrow.say("server.http.not_valid_any_more"), Sparrow.say("server.http.this_noun_has_expired_was_used", noun: noun))
      end

      def self.verifier
        @verifier ||= ActiveSupport::MessageVerifier.new(OpenSSL::HMAC.digest("SHA256", Settings.current.session_secret, "willing-sparrow/links"),
          digest: "SHA256", serializer: JSON, url_safe: true)
      end
      private_class_method :verifier
    end
  end
end
