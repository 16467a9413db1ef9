# frozen_string_literal: true

# The level that somebody follows was called a lane, which is a level's line on the clock;
# the targets that the log was measured by were called "given".
class NameFollowedLevels < ActiveRecord::Migration[7.2]
  def change
    # The start command stops the application before it migrates: no older process reads the old name.
    safety_assured do
      %i[people roster_entries attendances ticks].each { |table| rename_column table, :lane, :level }
      rename_column :attendances, :given, :planned_targets
      %w[people roster_entries ticks].each { |table| execute_both("ALTER TABLE #{table} RENAME CONSTRAINT %s TO %s", "#{table}_lane", "#{table}_level") }
    end
  end

  private

  def execute_both(statement, before, after)
    reversible do |direction|
      direction.up { execute format(statement, before, after) }
      direction.down { execute format(statement, after, before) }
    end
  end
end
