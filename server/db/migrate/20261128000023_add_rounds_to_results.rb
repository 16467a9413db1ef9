# frozen_string_literal: true

# How many rounds of a station somebody did, which is fewer than planned where a class ended early.
class AddRoundsToResults < ActiveRecord::Migration[7.2]
  def change
    add_column :results, :rounds, :integer
  end
end
