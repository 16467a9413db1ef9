# frozen_string_literal: true

# Who wears a pulse strap in a run, by their consent, and the last beat that was heard. Kept until the run is logged.
class CreatePulseStraps < ActiveRecord::Migration[7.2]
  def change
    add_column :runs, :pulse_key, :text
    create_table :pulse_straps, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.references :run, type: :uuid, null: false, foreign_key: {on_delete: :cascade}
      table.references :person, type: :uuid, null: false, foreign_key: {on_delete: :cascade}
      table.integer :bpm
      table.datetime :heard_at
      table.datetime :agreed_at, null: false
      table.index [:run_id, :person_id], unique: true
    end
  end
end
