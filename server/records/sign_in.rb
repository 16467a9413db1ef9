# frozen_string_literal: true

require "digest"
require "securerandom"

module Server
  module Records
    # One signed-in browser. The cookie holds a token, the table its digest;
    # signing out deletes the row, and the token opens nothing any more.
    class SignIn < Base
      LASTS = 14 * 24 * 3600
      # How often it is noted that somebody is still there.
      SEEN_EVERY_S = 600

      belongs_to :instructor, class_name: "Server::Records::Instructor", foreign_key: :instructor_id, primary_key: :id
      scope :standing, -> { where("expires_at > now()") }

      # @param device [String] what the browser calls itself
      # @return [String] the token for the cookie
      def self.open(instructor, device: "")
        token = SecureRandom.urlsafe_base64(32)
        create!(instructor: instructor, token_digest: digest(token), expires_at: Time.now.utc + LASTS, last_seen_at: Time.now.utc, device: named(device))
        where(expires_at: ...Time.now.utc).delete_all
        token
      end

      # @return [SignIn, nil] with its instructor and studio loaded
      def self.of(token)
        return if token.to_s.empty?
        found = includes(instructor: :studio).find_by(token_digest: digest(token))
        return unless found && found.expires_at > Time.now.utc
        return if found.instructor.disabled_at || found.instructor.studio.closed_at
        found.seen
      end

      # @return [SignIn] itself
      def seen
        update_columns(last_seen_at: Time.now.utc) if last_seen_at.nil? || last_seen_at < Time.now.utc - SEEN_EVERY_S
        self
      end

      def self.close(token)
        where(token_digest: digest(token)).delete_all
      end

      def self.digest(token)
        Digest::SHA256.hexdigest(token.to_s)
      end

      # Enough to know one's own devices by: the browser and the system, nothing finer.
      # @return [String] such as "Firefox on Linux"
      def self.named(device)
        text = device.to_s.scrub
        browser = {"Edg" => "Edge", "OPR" => "Opera", "Firefox" => "Firefox", "Chrome" => "Chrome", "Safari" => "Safari"}.find { |sign, _| text.include?(sign) }&.last
        system = {"iPhone" => "iPhone", "iPad" => "iPad", "Android" => "Android", "Windows" => "Windows", "Mac OS" => "Mac", "Linux" => "Linux"}.find { |sign, _| text.include?(sign) }&.last
        [browser || Sparrow.say("server.records.a_browser"), system && "on #{system}"].compact.join(" ")
      end
      private_class_method :named
    end
  end
end
