# frozen_string_literal: true

# What participants enter of their own, from their card, where the class is open for it.
class CreateOwnEntries < ActiveRecord::Migration[7.2]
  def change
    add_column :group_classes, :own_entries, :boolean, null: false, default: false
    create_table :own_entries, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.references :group_class, type: :uuid, null: false, foreign_key: {on_delete: :cascade}
      table.references :person, type: :uuid, null: false, foreign_key: {on_delete: :cascade}
      table.text :content, null: false
      table.datetime :entered_at, null: false
      table.index [:group_class_id, :person_id], unique: true
    end
  end
end
