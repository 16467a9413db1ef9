# frozen_string_literal: true

# Whether more is offered to who is ready for it, or taken by the fit itself: the studio's choice, and a class's own.
class AddGoingUp < ActiveRecord::Migration[7.2]
  def change
    add_column :studios, :going_up, :text, null: false, default: "offered"
    add_column :group_classes, :going_up, :text
  end
end
