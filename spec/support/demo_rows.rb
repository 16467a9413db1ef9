# frozen_string_literal: true

# The demo scenario in an empty database, as it was loaded the first time: its
# plans need not be measured, nor its rows made, anew for every example.
module DemoRows
  TABLES = %w[Studio Instructor Person Benchmark Workout WorkoutRevision Place GroupClass RosterEntry Choice Run Attendance Result LogRevision AuditEvent]
    .map { |name| Server::Records.const_get(name).table_name }.freeze

  def self.load
    connection = Server::Records::Studio.connection
    return connection.execute(@rows) if @rows
    Demo::Scenario.load
    @rows = rows(connection)
  end

  # @return [String] a statement a table, which writes every row again as it is in the database
  def self.rows(connection)
    TABLES.filter_map do |table|
      rows = connection.select_values("SELECT to_json(held) FROM #{table} held")
      "INSERT INTO #{table} SELECT * FROM json_populate_recordset(NULL::#{table}, #{connection.quote("[#{rows.join(",")}]")})" if rows.any?
    end.join(";")
  end
  private_class_method :rows
end
