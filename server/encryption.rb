# frozen_string_literal: true

require "openssl"

module Server
  # The keys with which what is private is encrypted in the database, drawn from
  # one secret, so that there is one thing to keep. While a secret is changed the
  # old one is given beside the new: both read, the new one writes.
  module Encryption
    PURPOSES = {primary_key: "primary", deterministic_key: "deterministic", key_derivation_salt: "salt"}.freeze

    # Before any record is loaded. What is not encrypted is never read as if it were.
    # @param secret [String]
    # @param old [String, nil] the secret before
    def self.configure(secret, old: nil)
      ActiveRecord::Encryption.configure(**drawn(secret), support_unencrypted_data: false)
      # Active Record would go on reading with every key that it was ever given.
      ActiveRecord::Encryption.config.previous_schemes.clear
      keys = [old, secret].compact.map { |held| ActiveRecord::Encryption::Key.new(derived(held)) }
      ActiveRecord::Encryption.default_context.key_provider = ActiveRecord::Encryption::KeyProvider.new(keys)
    end

    # What tells secrets apart without telling anything of them: kept in the database.
    # @return [String] 64 hexadecimal digits
    def self.check_value(secret)
      OpenSSL::HMAC.hexdigest("SHA256", secret, "willing-sparrow/encryption/check")
    end

    def self.drawn(secret)
      PURPOSES.transform_values { |purpose| OpenSSL::HMAC.hexdigest("SHA256", secret, "willing-sparrow/encryption/#{purpose}") }
    end

    # As Active Record's own provider derives it from these three.
    def self.derived(secret)
      keys = drawn(secret)
      digest = ActiveRecord::Encryption.config.hash_digest_class
      ActiveSupport::KeyGenerator.new(keys[:primary_key], hash_digest_class: digest).generate_key(keys[:key_derivation_salt], ActiveRecord::Encryption.cipher.key_length)
    end
    private_class_method :drawn, :derived
  end
end
