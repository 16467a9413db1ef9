# frozen_string_literal: true

module Server
  module Pulse
    # What a bridge from pulse straps may do: it holds a token of one run, and sends beats of those who have agreed. Off until an
    # instructor turns it on; turned off, or logged, the token is void and what was heard is gone.
    class Bridge
      LASTS_S = 6 * 3600
      PURPOSE = "pulse"

      # The token is forged, old or void.
      class InvalidToken < StandardError; end

      # @param run [Records::Run]
      # @return [String] its token
      def self.open(run)
        run.update!(pulse_key: SecureRandom.hex(8)) unless run.pulse_key
        verifier.generate([run.studio_id, run.id, run.pulse_key], purpose: PURPOSE, expires_in: LASTS_S)
      end

      # @param run [Records::Run]
      def self.close(run)
        Records::PulseStrap.where(studio_id: run.studio_id, run_id: run.id).delete_all
        run.update!(pulse_key: nil)
      end

      # @return [Bridge]
      # @raise [InvalidToken]
      def self.of(token)
        studio_id, run_id, key = verifier.verify(token.to_s, purpose: PURPOSE)
        run = Records::Run.kept.find_by(studio_id: studio_id, id: run_id)
        raise InvalidToken unless run && key && run.pulse_key == key
        new(run)
      rescue ActiveSupport::MessageVerifier::InvalidSignature
        raise InvalidToken
      end

      def self.verifier
        @verifier ||= ActiveSupport::MessageVerifier.new(OpenSSL::HMAC.digest("SHA256", Settings.current.session_secret, "willing-sparrow/pulse"), digest: "SHA256", serializer: JSON, url_safe: true)
      end
      private_class_method :verifier

      attr_reader :run

      # @param run [Records::Run]
      def initialize(run)
        @run = run
      end

      # @return [Array<String>] ids of who has agreed; the bridge knows no names
      def wearers
        straps.pluck(:person_id).sort
      end

      # @param beats [Array<Hash>] "person_id" and "bpm"
      # @return [Array<String>] those of whom nothing was taken: they have not agreed
      def hear(beats)
        ids = beats.map { |beat| beat["person_id"] }
        agreed = straps.where("person_id::text IN (?)", ids).index_by(&:person_id)
        beats.each { |beat| agreed[beat["person_id"]]&.update!(bpm: beat["bpm"], heard_at: Time.now.utc) }
        ids - agreed.keys
      end

      private

      def straps
        Records::PulseStrap.where(studio_id: @run.studio_id, run_id: @run.id)
      end
    end
  end
end
