# frozen_string_literal: true

# On which day a studio's week begins.
class AddWeekStartToStudios < ActiveRecord::Migration[7.2]
  def change
    add_column :studios, :week_start, :text, null: false, default: "monday"
  end
end
