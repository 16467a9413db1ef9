# frozen_string_literal: true

# Requests are counted in each process, wrong passwords in sign_in_failures.
class DropThrottleCounts < ActiveRecord::Migration[7.2]
  def change
    drop_table :throttle_counts, id: false do |table|
      table.text :key, null: false, primary_key: true
      table.integer :count, null: false
      table.datetime :expires_at, null: false, index: true
    end
  end
end
