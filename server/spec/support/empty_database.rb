# frozen_string_literal: true

# Every table empty, whoever still writes having finished. The few rows of an example are
# deleted in a tenth of the time that TRUNCATE takes for new files, and without asking what
# refers to what.
module EmptyDatabase
  def self.now
    ActiveRecord::Base.connection_pool.with_connection do |connection|
      tables = (connection.tables - %w[schema_migrations ar_internal_metadata]).map { |table| connection.quote_table_name(table) }
      connection.transaction do
        connection.execute("LOCK TABLE #{tables.join(", ")} IN ACCESS EXCLUSIVE MODE; SET LOCAL session_replication_role = replica; " +
          tables.map { |table| "DELETE FROM #{table}" }.join("; "))
      end
    end
  end
end
