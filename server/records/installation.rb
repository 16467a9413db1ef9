# frozen_string_literal: true

require "digest"
require "securerandom"

module Server
  module Records
    # What there is once in a database: the check value of its key, and the code
    # with which the first studio is set up.
    class Installation < Base
      # Letters and digits that are not mistaken for one another.
      ALPHABET = %w[2 3 4 5 6 7 8 9 A B C D E F G H J K M N P Q R S T U V W X Y Z].freeze

      # @return [Installation]
      def self.current
        find_or_create_by!(id: 1)
      end

      # @return [Boolean] whether a studio of somebody's own is there
      def set_up?
        Studio.exists?(demo: false)
      end

      # A new code; the one before opens nothing any more.
      # @return [String] such as "7KQM-2XWP-9DHT"
      def new_setup_code
        code = Array.new(3) { Array.new(4) { ALPHABET.sample(random: SecureRandom) }.join }.join("-")
        update!(setup_code_digest: self.class.digest(code))
        code
      end

      # @return [Boolean]
      def setup_code?(code)
        !setup_code_digest.nil? && ActiveSupport::SecurityUtils.secure_compare(setup_code_digest, self.class.digest(code))
      end

      def self.digest(code)
        Digest::SHA256.hexdigest("willing-sparrow/setup/#{code.to_s.upcase.gsub(/[^A-Z0-9]/, "")}")
      end
    end
  end
end
