# frozen_string_literal: true

# What each person was given in a class stays with their line of the log; a
# result knows seconds of a hold, and below which number its target was not met.
class AddWhatWasGivenToLogs < ActiveRecord::Migration[7.2]
  def change
    add_column :attendances, :given, :jsonb
    add_column :results, :seconds, :integer
    add_column :results, :least, :integer
  end
end
