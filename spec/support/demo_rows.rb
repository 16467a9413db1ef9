# frozen_string_literal: true

# The demo scenario in an empty database, as it was loaded the first time: its
# plans need not be measured anew for every example.
module DemoRows
  CLASSES = %w[Studio Instructor Person Benchmark Workout WorkoutRevision Place GroupClass RosterEntry Choice Run Attendance Result LogRevision AuditEvent].map { |name| Server::Records.const_get(name) }.freeze

  def self.load
    return @rows.each { |record, rows| record.insert_all!(rows) } if @rows
    Demo::Scenario.load
    @rows = CLASSES.to_h { |record| [record, record.all.map(&:attributes)] }
  end
end
