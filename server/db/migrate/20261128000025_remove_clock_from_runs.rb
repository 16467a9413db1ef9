# frozen_string_literal: true

# What a device told of its clock before runs were events; no code has read it since 20261128000016.
class RemoveClockFromRuns < ActiveRecord::Migration[7.2]
  def change
    safety_assured { remove_column :runs, :clock, :jsonb }
  end
end
