# frozen_string_literal: true

require "openssl"

module Server
  # The keys with which what is private is encrypted in the database: three, all
  # drawn from one secret, so that there is one thing to keep.
  module Encryption
    PURPOSES = {primary_key: "primary", deterministic_key: "deterministic", key_derivation_salt: "salt"}.freeze

    # Before any record is loaded.
    # @param secret [String]
    def self.configure(secret)
      keys = PURPOSES.transform_values { |purpose| OpenSSL::HMAC.hexdigest("SHA256", secret, "willing-sparrow/encryption/#{purpose}") }
      # Logs written before notes were encrypted can still be read.
      ActiveRecord::Encryption.configure(**keys, support_unencrypted_data: true)
    end
  end
end
