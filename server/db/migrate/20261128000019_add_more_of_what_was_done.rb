# frozen_string_literal: true

# A number for each round, a load, faults seen; rounds and reps, or a finish time, of a block; what was done about pain.
class AddMoreOfWhatWasDone < ActiveRecord::Migration[7.2]
  def change
    add_column :results, :per_round, :integer, array: true
    add_column :results, :load_kg, :float
    add_column :results, :faults, :jsonb
    add_column :attendances, :pain_action, :text
    add_column :attendances, :blocks, :jsonb, null: false, default: []
  end
end
