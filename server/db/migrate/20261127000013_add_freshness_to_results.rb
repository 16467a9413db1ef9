# frozen_string_literal: true

# The part of the fresh most that was there before the last set, by the model, as it was logged.
class AddFreshnessToResults < ActiveRecord::Migration[7.2]
  def change
    add_column :results, :freshness, :float
  end
end
