# frozen_string_literal: true

require "ipaddr"
require "securerandom"
require "uri"

module Server
  # What the environment decides; README lists every name. Nothing else in the
  # server reads the environment, but for the web server's own file (puma.rb).
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
      input("DATABASE_URL") || raise(Missing, "DATABASE_URL is not set: bin/start sets it, or name a database of your own.")
    end

    # @return [String] development, test or production
    def mode
      input("RACK_ENV") || "development"
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

    # @return [String] what to name where the secret is wrong
    def encryption_source
      input("ENCRYPTION_SECRET_FILE") ? "The secret in #{input("ENCRYPTION_SECRET_FILE")}" : "ENCRYPTION_SECRET"
    end

    # The secret before, while what it encrypted is encrypted anew (bin/rekey).
    # @return [String, nil]
    # @raise [Missing] where it is too short
    def old_encryption_secret
      secret("ENCRYPTION_SECRET_OLD") if input("ENCRYPTION_SECRET_OLD")
    end

    # @return [String, nil] a read-only copy of the database, for what may be a moment old
    def replica_url
      input("REPLICA_URL")
    end

    # @return [String] the database itself, where DATABASE_URL leads to a pooler: for migrations and backups
    def direct_database_url
      input("DIRECT_DATABASE_URL") || database_url
    end

    # @return [Boolean] whether DATABASE_URL leads to a pooler in transaction mode
    def pooled?
      input("DATABASE_POOLER") == "transaction"
    end

    # @return [Array<IPAddr>] whose X-Forwarded-* headers count
    # @raise [Missing]
    def trusted_proxies
      input("TRUSTED_PROXIES").to_s.split(/[\s,]+/).map { |range| IPAddr.new(range) }
    rescue IPAddr::Error
      raise Missing, "TRUSTED_PROXIES must be addresses or ranges with commas between, such as 127.0.0.1, 10.0.0.0/8."
    end

    # @return [Array<String>] names under which this server answers, beside loopback's and addresses
    def allowed_hosts
      names = input("ALLOWED_HOSTS").to_s.downcase.split(/[\s,]+/)
      names << input("HOST").downcase if input("HOST")
      names << URI(public_url).host.to_s.downcase if public_url
      names
    end

    # @return [Hash, nil] how mail is handed over; nil where it stays in the mailbox that ships
    def smtp
      return unless input("SMTP_HOST")
      {address: input("SMTP_HOST"), port: Integer(input("SMTP_PORT") || 587), user_name: input("SMTP_USER"), password: input("SMTP_PASSWORD"),
       authentication: input("SMTP_USER") && :plain, enable_starttls: input("SMTP_STARTTLS") != "off", open_timeout: 5, read_timeout: 10}.compact
    end

    # @return [String] whom mail is from
    def mail_from
      input("MAIL_FROM") || "willing-sparrow@localhost"
    end

    # @return [Boolean] whether the mailbox page is there: never where mail is really sent, nor in production without the demo
    def mailbox?
      smtp.nil? && (!production? || demo?)
    end

    # @return [Boolean] whether the demo is asked for by name
    def demo?
      input("DEMO") == "1"
    end

    # @return [Boolean] whether to begin without the demo
    def empty?
      input("EMPTY") == "1"
    end

    # @return [String, nil] where the processes of this server keep their counters together
    def metrics_folder
      input("METRICS_FOLDER")
    end

    # @return [Integer] threads of one server process
    def threads
      Integer(input("MAX_THREADS") || DEFAULT_THREADS)
    end

    DEFAULT_THREADS = 24

    # @return [String, nil] where others reach this server, such as "https://sparrow.example"
    def public_url
      input("PUBLIC_URL")&.delete_suffix("/")
    end

    # @return [Boolean] whether cookies may travel by HTTPS only
    def https?
      public_url.to_s.start_with?("https://")
    end

    # @return [Integer] database connections of one process, one for each server thread
    def pool
      threads + 2
    end

    private

    def input(name)
      value = @environment[name].to_s.strip
      value unless value.empty?
    end

    def secret(name)
      secret = input(name)
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
