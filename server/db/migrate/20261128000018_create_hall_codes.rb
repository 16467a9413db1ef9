# frozen_string_literal: true

# A run may be shown on a screen in the hall, to whoever has its code, for some hours.
class CreateHallCodes < ActiveRecord::Migration[7.2]
  def change
    create_table :hall_codes, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.references :run, type: :uuid, null: false, foreign_key: {on_delete: :cascade}, index: {unique: true}
      table.text :key, null: false, index: {unique: true}
      table.datetime :until, null: false
    end
  end
end
