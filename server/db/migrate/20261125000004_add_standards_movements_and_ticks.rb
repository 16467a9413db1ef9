# frozen_string_literal: true

# A studio's own standards and movements, tags on circuits, and the ticks with
# which rounds and reps are counted during a run.
class AddStandardsMovementsAndTicks < ActiveRecord::Migration[7.2]
  def change
    add_column :studios, :house, :jsonb, null: false, default: {}
    add_column :studios, :movements_version, :integer, null: false, default: 0
    add_column :workouts, :tags, :text, array: true, null: false, default: []

    create_table :studio_movements, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.text :movement_id, null: false
      table.jsonb :document, null: false
      table.datetime :retired_at
      table.timestamps
      table.index [:studio_id, :movement_id], unique: true
    end

    create_table :ticks, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.references :run, type: :uuid, null: false, foreign_key: {on_delete: :cascade}
      table.references :person, type: :uuid, foreign_key: true
      table.text :client_key, null: false
      table.text :block, null: false
      table.text :station
      table.text :lane, null: false
      table.integer :amount, null: false
      table.datetime :at, null: false
      table.datetime :undone_at
      table.index [:run_id, :client_key], unique: true
      table.check_constraint "lane IN ('beginner', 'intermediate', 'advanced')", name: "ticks_lane"
      table.check_constraint "amount BETWEEN 1 AND 1000", name: "ticks_amount"
    end
  end
end
