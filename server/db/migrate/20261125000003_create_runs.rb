# frozen_string_literal: true

# Runs keep a snapshot of what was run; attendances and results say who did what.
class CreateRuns < ActiveRecord::Migration[7.2]
  def change
    create_table :runs, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.references :workout, type: :uuid, foreign_key: {on_delete: :nullify}
      table.references :instructor, type: :uuid, foreign_key: true
      table.text :title, null: false
      table.jsonb :document, null: false
      table.integer :total_s, null: false
      table.text :client_key, null: false
      table.jsonb :clock
      table.datetime :started_at
      table.datetime :finished_at
      table.integer :log_version, null: false, default: 0
      table.text :last_submission
      table.text :log_note
      table.datetime :logged_at
      table.datetime :deleted_at
      table.timestamps
      table.index [:studio_id, :client_key], unique: true
    end

    create_table :attendances, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.references :run, type: :uuid, null: false, foreign_key: {on_delete: :cascade}
      table.references :person, type: :uuid, null: false, foreign_key: true
      table.boolean :present, null: false
      table.text :lane, null: false
      table.integer :effort
      table.text :pain
      table.text :note
      table.datetime :created_at, null: false
      table.index [:run_id, :person_id], unique: true
      table.check_constraint "effort BETWEEN 0 AND 10", name: "attendances_effort"
    end

    create_table :results, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.references :attendance, type: :uuid, null: false, foreign_key: {on_delete: :cascade}
      table.text :block, null: false
      table.text :station, null: false
      table.text :level, null: false
      table.text :variation
      table.integer :reps
      table.integer :reps_left
      table.boolean :skipped, null: false, default: false
      table.boolean :planned, null: false, default: true
      table.index [:attendance_id, :block, :station], unique: true
    end
  end
end
