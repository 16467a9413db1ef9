# frozen_string_literal: true

# Rules of the review that a studio has no use for, by name.
class AddRulesOffToStudios < ActiveRecord::Migration[7.2]
  def change
    add_column :studios, :rules_off, :text, array: true, null: false, default: []
  end
end
