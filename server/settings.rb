# frozen_string_literal: true

require "securerandom"

module Server
  # What the environment decides: DATABASE_URL, RACK_ENV, SESSION_SECRET,
  # ENCRYPTION_SECRET, PUBLIC_URL. Nothing else in the server reads the environment.
  class Settings
    # Shorter secrets are refused by the session cookie's cipher.
    SECRET_LENGTH = 64

    # Raised at boot where a setting is missing or unfit.
    class Missing < StandardError; end

    # @return [Settings] of this process
    def self.current
      @current ||= new(ENV)
    end

    # @param environment [#[]] such as ENV
    def initialize(environment)
      @environment = environment
    end

    # @return [String] a postgres:// address
    # @raise [Missing]
    def database_url
      given("DATABASE_URL") || raise(Missing, "DATABASE_URL is not set: bin/start sets it, or name a database of your own.")
    end

    # @return [String] development, test or production
    def mode
      given("RACK_ENV") || "development"
    end

    def production?
      mode == "production"
    end

    # Outside production a secret for this process alone will do.
    # @return [String]
    # @raise [Missing] in production, where it must come from outside
    def session_secret
      @session_secret ||= secret("SESSION_SECRET")
    end

    # What is private in the database can be read with this one only: keep it
    # with the backups, apart from them.
    # @return [String]
    # @raise [Missing] as for the session's
    def encryption_secret
      @encryption_secret ||= secret("ENCRYPTION_SECRET")
    end

    # @return [String, nil] where others reach this server, such as "https://sparrow.example"
    def public_url
      given("PUBLIC_URL")&.delete_suffix("/")
    end

    # @return [Boolean] whether cookies may travel by HTTPS only
    def https?
      public_url.to_s.start_with?("https://")
    end

    # @return [Integer] database connections, one for each server thread
    def pool
      Integer(given("MAX_THREADS") || 5) + 2
    end

    private

    def given(name)
      value = @environment[name].to_s.strip
      value unless value.empty?
    end

    def secret(name)
      secret = given(name)
      return unset(name) unless secret
      return secret if secret.length >= SECRET_LENGTH
      raise Missing, "#{name} must have at least #{SECRET_LENGTH} characters."
    end

    def unset(name)
      raise Missing, "#{name} is not set: production does not start without one." if production?
      SecureRandom.hex(SECRET_LENGTH)
    end
  end
end
