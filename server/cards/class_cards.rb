# frozen_string_literal: true

require "rqrcode"

module Server
  module Cards
    # Each participant's own card behind a signed link that expires: no account,
    # and nobody else's data. New links make the old ones void.
    class ClassCards
      # A card can be read until so long after the class.
      OPEN_FOR = 12 * 3600
      PURPOSE = "card"

      # The link is forged, old, or no longer stands.
      class InvalidLink < StandardError; end

      # @param address [String] where the browser reached us, or PUBLIC_URL
      def initialize(group_class, address)
        @class = group_class
        @address = address
      end

      # @return [Array<Hash>] "person_id", "name" and "url" for everybody who comes
      def links
        @class.coming.map do |entry|
          {"person_id" => entry.person_id, "name" => entry.person.name, "url" => url(entry.person_id), "expires_at" => Http::Json.instant(Cards::ClassCards.expiry(@class))}
        end
      end

      # One link to be scanned; to draw a code takes a while, so each is drawn when it is asked for.
      # @return [String] SVG
      def code(person_id)
        RQRCode::QRCode.new(url(person_id), level: :l).as_svg(module_size: 4, use_path: true, viewbox: true, offset: 16, fill: "ffffff", color: "000000")
      end

      def self.token(group_class, person_id)
        verifier.generate([group_class.studio_id, group_class.id, person_id, group_class.card_version], purpose: PURPOSE, expires_at: expiry(group_class))
      end

      def self.expiry(group_class)
        group_class.starts_at + group_class.total_s + OPEN_FOR
      end

      # @return [Array(Records::GroupClass, String)] the class and whose card it is
      # @raise [InvalidLink]
      def self.open(token)
        studio_id, class_id, person_id, version = verifier.verify(token.to_s, purpose: PURPOSE)
        group_class = Records::GroupClass.kept.find_by(studio_id: studio_id, id: class_id)
        raise InvalidLink unless group_class && group_class.card_version == version && group_class.coming.any? { |entry| entry.person_id == person_id }
        [group_class, person_id]
      rescue ActiveSupport::MessageVerifier::InvalidSignature
        raise InvalidLink
      end

      def self.verifier
        @verifier ||= ActiveSupport::MessageVerifier.new(OpenSSL::HMAC.digest("SHA256", Settings.current.session_secret, "willing-sparrow/cards"),
          digest: "SHA256", serializer: JSON, url_safe: true)
      end
      private_class_method :verifier

      private

      def url(person_id)
        "#{@address}/card/#{Cards::ClassCards.token(@class, person_id)}"
      end
    end
  end
end
