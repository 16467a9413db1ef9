# frozen_string_literal: true

# A run is a list of events, each with the id that the device made. What a clock was told before becomes the events
# that lead to it.
class CreateRunEvents < ActiveRecord::Migration[7.2]
  class Run < ActiveRecord::Base
    self.table_name = "runs"
  end

  class RunEvent < ActiveRecord::Base
    self.table_name = "run_events"
  end

  def up
    create_table :run_events, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.references :run, type: :uuid, null: false, foreign_key: {on_delete: :cascade}
      table.references :instructor, type: :uuid, foreign_key: {on_delete: :nullify}
      table.uuid :event_id, null: false
      table.text :kind, null: false
      table.bigint :at_ms, null: false
      table.bigint :device_ms, null: false
      table.jsonb :data, null: false, default: {}
      table.datetime :created_at, null: false
      table.index [:run_id, :event_id], unique: true
    end
    Run.reset_column_information
    RunEvent.reset_column_information
    Run.where.not(clock: nil).find_each { |run| from_clock(run, run.clock) }
  end

  def down
    drop_table :run_events
  end

  private

  def from_clock(run, clock)
    told_ms = clock["told_at_ms"]
    add(run, "started", clock["anchor_ms"])
    (clock["additions"] || []).each { |addition| add(run, "extended", told_ms, addition.slice("at_s", "add_s")) }
    add(run, "paused", clock["paused_at_ms"]) if clock["paused_at_ms"]
    add(run, "ended", [told_ms, clock["paused_at_ms"].to_i + 1].max) if clock["finished"]
  end

  def add(run, kind, at_ms, data = {})
    RunEvent.create!(studio_id: run.studio_id, run_id: run.id, event_id: SecureRandom.uuid, kind: kind, at_ms: at_ms, device_ms: at_ms, data: data, created_at: Time.now.utc)
  end
end
