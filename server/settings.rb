# frozen_string_literal: true

require "securerandom"

module Server
  # What the environment decides: DATABASE_URL, RACK_ENV, SESSION_SECRET,
  # PUBLIC_URL. Nothing else in the server reads the environment.
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
      @session_secret ||= checked_secret || unset_secret
    end

    # @return [Boolean] whether cookies may travel by HTTPS only
    def https?
      given("PUBLIC_URL").to_s.start_with?("https://")
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

    def checked_secret
      secret = given("SESSION_SECRET")
      return unless secret
      return secret if secret.length >= SECRET_LENGTH
      raise Missing, "SESSION_SECRET must have at least #{SECRET_LENGTH} characters."
    end

    def unset_secret
      raise Missing, "SESSION_SECRET is not set: production does not start without one." if production?
      SecureRandom.hex(SECRET_LENGTH)
    end
  end
end
