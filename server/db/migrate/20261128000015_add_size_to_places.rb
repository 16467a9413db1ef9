# frozen_string_literal: true

# How large the room is, in metres, so that who stands where can be drawn to its size.
class AddSizeToPlaces < ActiveRecord::Migration[7.2]
  def change
    add_column :places, :width_m, :integer
    add_column :places, :depth_m, :integer
  end
end
