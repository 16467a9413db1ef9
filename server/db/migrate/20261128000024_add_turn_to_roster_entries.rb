# frozen_string_literal: true

# In whose turn the groups of a class are made, kept once the class has begun.
class AddTurnToRosterEntries < ActiveRecord::Migration[7.2]
  def change
    add_column :roster_entries, :turn, :integer
  end
end
