# frozen_string_literal: true

# A tap is something that happened while a class ran, like a pause: it becomes an event, with what was taken back left out.
class MakeTapsEvents < ActiveRecord::Migration[7.2]
  def up
    add_column :run_events, :person_id, :uuid
    safety_assured do
      add_foreign_key :run_events, :people, on_delete: :cascade
      execute(<<~SQL)
        INSERT INTO run_events (id, studio_id, run_id, person_id, event_id, kind, at_ms, device_ms, data, created_at)
        SELECT gen_random_uuid(), studio_id, run_id, person_id, gen_random_uuid(), 'tapped', floor(extract(epoch from at) * 1000), floor(extract(epoch from at) * 1000),
          jsonb_strip_nulls(jsonb_build_object('block', block, 'station', station, 'level', level, 'amount', amount)), at
        FROM ticks WHERE undone_at IS NULL AND level IS NOT NULL
      SQL
      add_index :run_events, :person_id
      drop_table :ticks
    end
  end

  def down
    raise ActiveRecord::IrreversibleMigration
  end
end
