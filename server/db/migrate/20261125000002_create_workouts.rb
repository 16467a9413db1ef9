# frozen_string_literal: true

# Workouts as documents, with every version they have had.
class CreateWorkouts < ActiveRecord::Migration[7.2]
  def change
    create_table :workouts, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.text :title, null: false
      table.jsonb :document, null: false
      table.integer :lock_version, null: false, default: 1
      table.boolean :ready, null: false, default: false
      table.integer :total_s, null: false, default: 0
      table.integer :stations_count, null: false, default: 0
      table.references :updated_by, type: :uuid, foreign_key: {to_table: :instructors}
      table.datetime :deleted_at
      table.timestamps
    end

    create_table :workout_revisions, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.references :workout, type: :uuid, null: false, foreign_key: {on_delete: :cascade}
      table.integer :number, null: false
      table.jsonb :document, null: false
      table.references :instructor, type: :uuid, foreign_key: true
      table.datetime :created_at, null: false
      table.index [:workout_id, :number], unique: true
    end
  end
end
