# frozen_string_literal: true

module Server
  # The connection and its migrations.
  module Database
    MIGRATIONS = File.join(ROOT, "server", "db", "migrate")
    SCHEMA = File.join(ROOT, "server", "db", "schema.rb")

    # @param settings [Settings]
    def self.connect(settings = Settings.current)
      ActiveRecord.default_timezone = :utc
      Encryption.configure(settings.encryption_secret)
      ActiveRecord::Base.establish_connection(
        url: settings.database_url, pool: settings.pool, checkout_timeout: 5, connect_timeout: 3,
        variables: {statement_timeout: "10s", lock_timeout: "5s"}
      )
    end

    # Brings the database to the newest migration.
    # @return [Integer] how many were run
    def self.migrate
      ActiveRecord::Migration.verbose = false
      context = ActiveRecord::MigrationContext.new(MIGRATIONS)
      pending = context.open.pending_migrations.size
      context.migrate
      pending
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
  end
end
