# frozen_string_literal: true

require "rotp"
require "rqrcode"

module Server
  module Accounts
    # The second step of signing in: a code from an app on somebody's telephone
    # (RFC 6238), or one of their recovery codes.
    class SecondFactor
      ISSUER = "Willing Sparrow"
      # A telephone's clock may be half a minute off.
      DRIFT_S = 30

      # @param instructor [Records::Instructor]
      def initialize(instructor)
        @instructor = instructor
      end

      # A new secret, which counts once a code from it has been given.
      # @return [Hash] "secret" to be typed, and "svg" to be scanned
      def begin
        raise Http::Problems::Error.new(409, Sparrow.say("server.accounts.on_already"), Sparrow.say("server.accounts.the_second_step_is_on_already")) if @instructor.second_factor?
        @instructor.update!(totp_secret: ROTP::Base32.random, totp_last_step: nil)
        {"secret" => @instructor.totp_secret,
         "svg" => RQRCode::QRCode.new(totp.provisioning_uri(@instructor.email), level: :m).as_svg(module_size: 4, use_path: true, viewbox: true, offset: 16, fill: "ffffff", color: "000000")}
      end

      # @return [Array<String>, nil] recovery codes, shown once; nil where the code is wrong
      def confirm(code)
        return unless @instructor.totp_secret && !@instructor.second_factor? && right_now?(code)
        @instructor.update!(totp_on_at: Time.now.utc)
        Records::RecoveryCode.renew(@instructor)
      end

      # @return [Boolean] whether the code is right; each works once
      def passes?(code)
        right_now?(code) || Records::RecoveryCode.use(@instructor, code)
      end

      def off
        @instructor.transaction do
          @instructor.update!(totp_secret: nil, totp_on_at: nil, totp_last_step: nil)
          Records::RecoveryCode.where(instructor_id: @instructor.id).delete_all
        end
      end

      private

      def totp
        ROTP::TOTP.new(@instructor.totp_secret, issuer: ISSUER)
      end

      # A code that was used once is not taken again, by whoever has looked over a shoulder.
      def right_now?(code)
        digits = code.to_s.gsub(/\s/, "")
        return false unless digits.match?(/\A\d{6}\z/) && @instructor.totp_secret
        step = totp.verify(digits, drift_behind: DRIFT_S, drift_ahead: DRIFT_S)
        return false unless step
        Records::Instructor.where(id: @instructor.id).where("totp_last_step IS NULL OR totp_last_step < ?", step).update_all(totp_last_step: step) == 1
      end
    end
  end
end
