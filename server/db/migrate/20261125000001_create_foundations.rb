# frozen_string_literal: true

# Studios, who signs in to them, who trains in them.
class CreateFoundations < ActiveRecord::Migration[7.2]
  def change
    create_table :studios, id: :uuid do |table|
      table.text :name, null: false
      table.timestamps
    end

    create_table :instructors, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.text :name, null: false
      table.text :email, null: false
      table.text :password_digest, null: false
      table.timestamps
      table.index "lower(email)", unique: true, name: "index_instructors_on_lower_email"
    end

    create_table :sign_ins, id: :uuid do |table|
      table.references :instructor, type: :uuid, null: false, foreign_key: {on_delete: :cascade}
      table.text :token_digest, null: false, index: {unique: true}
      table.datetime :expires_at, null: false
      table.timestamps
    end

    create_table :throttle_counts, id: false do |table|
      table.text :key, null: false, primary_key: true
      table.integer :count, null: false
      table.datetime :expires_at, null: false, index: true
    end

    create_table :people, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.text :name, null: false
      table.text :lane, null: false, default: "beginner"
      table.datetime :archived_at
      table.timestamps
      table.check_constraint "lane IN ('beginner', 'intermediate', 'advanced')", name: "people_lane"
    end
  end
end
