# frozen_string_literal: true

# Loads in kilograms or pounds, heights in centimetres or inches.
class AddUnitsToStudios < ActiveRecord::Migration[7.2]
  def change
    add_column :studios, :units, :text, null: false, default: "metric"
  end
end
