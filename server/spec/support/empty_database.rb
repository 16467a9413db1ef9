# frozen_string_literal: true

# Empties every table, so that no example sees another's rows.
module EmptyDatabase
  def self.now
    ActiveRecord::Base.connection_pool.with_connection do |connection|
      tables = connection.tables - %w[schema_migrations ar_internal_metadata]
      connection.execute("TRUNCATE #{tables.map { |table| connection.quote_table_name(table) }.join(", ")} CASCADE")
    end
  end
end
