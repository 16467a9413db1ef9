# frozen_string_literal: true

require "active_record/database_configurations"

module Server
  # The connections, and the migrations. The primary is read and written; where
  # REPLICA_URL is set, what may be a moment old is read from there.
  module Database
    MIGRATIONS = File.join(ROOT, "server", "db", "migrate")
    SCHEMA = File.join(ROOT, "server", "db", "schema.rb")
    # Deadlines of one statement and of waiting for a lock. Kept in the database
    # itself (bin/migrate), so that they hold behind a pooler too.
    STATEMENT_TIMEOUT_S = 10
    LOCK_TIMEOUT_S = 5
    # What a database says that is away, going away, or not the one to write to.
    AWAY = [
      ActiveRecord::ConnectionNotEstablished, ActiveRecord::ConnectionFailed, ActiveRecord::QueryAborted, ActiveRecord::LockWaitTimeout,
      ActiveRecord::Deadlocked, ActiveRecord::SerializationFailure, ActiveRecord::ReadOnlyError
    ].freeze
    AWAY_CAUSES = [
      PG::ConnectionBad, PG::UnableToSend, PG::AdminShutdown, PG::CrashShutdown, PG::CannotConnectNow, PG::ReadOnlySqlTransaction, PG::ProtocolViolation,
      PG::TooManyConnections
    ].freeze

    # The schema is not the one that this code knows.
    class WrongSchema < StandardError; end

    # @param settings [Settings]
    # @param direct [Boolean] past the pooler: for migrations, which need a session
    def self.connect(settings = Settings.current, direct: false)
      ActiveRecord.default_timezone = :utc
      Encryption.configure(settings.encryption_secret, old: settings.old_encryption_secret)
      @replica = settings.replica_url
      primary = configuration("primary", direct ? settings.direct_database_url : settings.database_url, settings)
      return ActiveRecord::Base.establish_connection(primary) if @replica.nil? || direct
      ActiveRecord::Base.connects_to(database: {writing: primary, reading: configuration("replica", @replica, settings, replica: true)})
    end

    # Reads that may be a moment old, from the copy where there is one; from the
    # database itself where the copy does not answer.
    # @yield the reading
    def self.reading(&block)
      return yield if @replica.nil? || Time.now < (@replica_away_until || Time.at(0))
      begin
        ActiveRecord::Base.connected_to(role: :reading, prevent_writes: true, &block)
      rescue ActiveRecord::ActiveRecordError, PG::Error => error
        raise unless away?(error)
        @replica_away_until = Time.now + 5
        yield
      end
    end

    # @return [Boolean] whether an error says that the database is away, and not that we are wrong
    def self.away?(error)
      AWAY.any? { |kind| error.is_a?(kind) } || AWAY_CAUSES.any? { |kind| error.is_a?(kind) || error.cause.is_a?(kind) }
    end

    # Brings the database to the newest migration.
    # @return [Integer] how many were run
    def self.migrate
      ActiveRecord::Migration.verbose = false
      StrongMigrations.lock_timeout = LOCK_TIMEOUT_S
      pending = context.open.pending_migrations.size
      context.migrate
      # A migration that reads a table remembers its columns, and those that come after may add some.
      ActiveRecord::Base.connection_pool.schema_cache.clear!
      keep_deadlines
      pending
    end

    # @return [Integer] how many migrations this code has and the database has not
    def self.pending
      context.open.pending_migrations.size
    end

    # @raise [WrongSchema] where the database is older, or newer, than this code
    def self.check_schema
      missing = pending
      raise WrongSchema, "The database lacks #{missing} migrations: run bin/migrate, then start again." if missing.positive?
      newer = context.get_all_versions.max.to_i
      known = context.migrations.map(&:version).max
      raise WrongSchema, "The database is at migration #{newer}, newer than this version of the application knows (#{known})." if newer > known
    end

    # Writes the schema as it stands to db/schema.rb.
    def self.dump_schema
      File.open(SCHEMA, "w") { |file| ActiveRecord::SchemaDumper.dump(ActiveRecord::Base.connection_pool, file) }
    end

    # @return [Boolean] whether the database answers
    def self.answers?
      ActiveRecord::Base.connection_pool.with_connection { |connection| connection.select_value("SELECT 1") == 1 }
    rescue ActiveRecord::ActiveRecordError, PG::Error
      false
    end

    # Nothing is asked of a session that another transaction might meet: prepared
    # statements are off behind a pooler, and deadlines are the database's own.
    def self.configuration(name, url, settings, replica: false)
      ActiveRecord::DatabaseConfigurations::UrlConfig.new("default", name, url, {
        adapter: "postgresql", pool: settings.pool, checkout_timeout: 5, connect_timeout: 3, replica: replica, database_tasks: false,
        prepared_statements: !settings.pooled?, advisory_locks: !settings.pooled?
      })
    end

    def self.context
      ActiveRecord::MigrationContext.new(MIGRATIONS)
    end

    def self.keep_deadlines
      connection = ActiveRecord::Base.connection
      database = connection.quote_table_name(connection.current_database)
      {statement_timeout: "#{STATEMENT_TIMEOUT_S}s", lock_timeout: "#{LOCK_TIMEOUT_S}s", idle_in_transaction_session_timeout: "60s"}.each do |name, value|
        connection.execute("ALTER ROLE CURRENT_USER IN DATABASE #{database} SET #{name} = #{connection.quote(value)}")
      end
    end
    private_class_method :configuration, :context, :keep_deadlines
  end
end
