# frozen_string_literal: true

module Server
  module Screens
    # The code under which a screen in the hall shows a run: short enough to be typed on a television, signed, and no longer
    # good than for a class. Without names, limits or controls; a new code makes the old one void.
    class HallCode
      LASTS_S = 12 * 3600
      # Without letters that are taken for digits, or for each other.
      LETTERS = [*"2".."9", *"A".."Z"].reject { |letter| %w[I L O U].include?(letter) }.freeze
      KEY_LENGTH = 8
      SIGNATURE_LENGTH = 8

      # The code is forged, old, or no longer stands.
      class Invalid < StandardError; end

      # @param run [Records::Run]
      # @return [String, nil] such as "7XK2-9QPM-WD4T-H3RB"; nil where none is open
      def self.of(run)
        held = run.hall_code
        shown(held.key) if held&.until&.future?
      end

      # Makes one, and any before it void.
      # @param run [Records::Run]
      def self.make(run)
        close(run)
        run.create_hall_code!(studio_id: run.studio_id, key: Array.new(KEY_LENGTH) { LETTERS.sample(random: SecureRandom) }.join, until: Time.now.utc + LASTS_S)
      end

      # @param run [Records::Run]
      def self.close(run)
        run.hall_code&.destroy!
        run.reload
      end

      # @param code [String] as it was typed
      # @return [Records::Run]
      # @raise [Invalid]
      def self.open(code)
        held = held(code)
        Records::Run.kept.find_by(studio_id: held.studio_id, id: held.run_id) or raise Invalid
      end

      # The same without the run, which is much to read: two hundred screens ask at once.
      # @return [Records::HallCode]
      # @raise [Invalid]
      def self.held(code)
        letters = code.to_s.upcase.delete("^A-Z0-9")
        key, signature = letters[0, KEY_LENGTH], letters[KEY_LENGTH..].to_s
        raise Invalid unless key.length == KEY_LENGTH && ActiveSupport::SecurityUtils.secure_compare(signature, sign(key))
        held = Records::HallCode.find_by(key: key)
        raise Invalid unless held&.until&.future?
        held
      end

      def self.shown(key)
        "#{key}#{sign(key)}".scan(/.{4}/).join("-")
      end

      def self.sign(key)
        digest = OpenSSL::HMAC.digest("SHA256", Settings.current.session_secret, "willing-sparrow/hall/#{key}")
        digest.bytes.first(SIGNATURE_LENGTH).map { |byte| LETTERS[byte % LETTERS.size] }.join
      end
      private_class_method :shown, :sign
    end
  end
end
