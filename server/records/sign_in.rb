# frozen_string_literal: true

require "digest"
require "securerandom"

module Server
  module Records
    # One signed-in browser. The cookie holds a token, the table its digest;
    # signing out deletes the row, and the token opens nothing any more.
    class SignIn < Base
      LASTS = 14 * 24 * 3600

      belongs_to :instructor, class_name: "Server::Records::Instructor"

      # @return [String] the token for the cookie
      def self.open(instructor)
        token = SecureRandom.urlsafe_base64(32)
        create!(instructor: instructor, token_digest: digest(token), expires_at: Time.now.utc + LASTS)
        where(expires_at: ...Time.now.utc).delete_all
        token
      end

      # @return [Instructor, nil] with its studio loaded
      def self.instructor_of(token)
        return if token.to_s.empty?
        sign_in = includes(instructor: :studio).find_by(token_digest: digest(token))
        sign_in.instructor if sign_in && sign_in.expires_at > Time.now.utc
      end

      def self.close(token)
        where(token_digest: digest(token)).delete_all
      end

      def self.digest(token)
        Digest::SHA256.hexdigest(token.to_s)
      end
    end
  end
end
