# frozen_string_literal: true

# Listens to the SQL of the specs: every statement of the server on a table with a
# studio_id names the studio, so that studios can be spread over several databases.
module OneStudio
  TABLES = ActiveRecord::Base.connection_pool.with_connection do |connection|
    connection.tables.select { |table| connection.column_exists?(table, :studio_id) }.freeze
  end
  # A studio, named: compared with one, or written with the row.
  ONE = /"?studio_id"? = (\$\d+|')|\AINSERT INTO [^)]*"studio_id"/
  # Who signs in, or has a code, is looked for before it is known where they belong; studios as a whole are looked after by commands.
  APART = %w[instructors invitations audit_events hall_codes].freeze
  STATEMENTS = Hash.new(0)

  def self.listen
    ActiveSupport::Notifications.subscribe("sql.active_record") do |_, _, _, _, event|
      sql = event[:sql]
      next if event[:name] == "SCHEMA" || !Thread.current[:one_studio]
      tables = sql.scan(/\b(?:FROM|JOIN|UPDATE|INTO)\s+"?(\w+)"?/).flatten & (TABLES - APART)
      next if tables.empty? || sql.match?(ONE)
      STATEMENTS[sql.gsub(/\$\d+|'[^']*'/, "?").gsub(/\(\?(, \?)+\)/, "(?)")] += 1
    end
  end
end

OneStudio.listen

RSpec.configure do |config|
  config.after(:suite) do
    raise "These statements name no studio:\n#{OneStudio::STATEMENTS.keys.join("\n")}" if OneStudio::STATEMENTS.any?
  end
end
