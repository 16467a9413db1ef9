# frozen_string_literal: true

# What is known of a person, the places where classes are, the classes with
# their rosters, and the instructor's own choices on the fit sheet.
class AddPeoplePlacesAndClasses < ActiveRecord::Migration[7.2]
  LEVELS = "IN ('beginner', 'intermediate', 'advanced')"

  def change
    people
    benchmarks
    places
    classes
    roster
    choices
    # A table of this size is not locked for long.
    safety_assured { add_reference :runs, :group_class, type: :uuid, foreign_key: {on_delete: :nullify} }
  end

  private

  def people
    add_column :people, :pronouns, :text
    add_column :people, :birth_year, :integer
    add_column :people, :since, :date
    add_column :people, :levels, :jsonb, null: false, default: {}
    add_column :people, :tags, :text, array: true, null: false, default: []
    # Encrypted, both: whom to call, and what is private.
    add_column :people, :contact, :text
    add_column :people, :health, :text
    add_column :people, :health_consent_at, :datetime
  end

  def benchmarks
    create_table :benchmarks, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.references :person, type: :uuid, null: false, foreign_key: {on_delete: :cascade}
      table.references :instructor, type: :uuid, foreign_key: true
      table.text :test, null: false
      table.text :variation, null: false
      table.integer :amount, null: false
      table.date :taken_on, null: false
      table.timestamps
      table.index [:person_id, :test, :taken_on], unique: true
      table.check_constraint "amount >= 0", name: "benchmarks_amount"
    end
  end

  def places
    create_table :places, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.text :name, null: false
      table.text :address, null: false, default: ""
      table.text :defibrillator, null: false, default: ""
      table.text :first_aid, null: false, default: ""
      table.text :space, null: false, default: ""
      table.text :surface, null: false, default: ""
      table.jsonb :kit
      table.datetime :archived_at
      table.timestamps
    end
  end

  def classes
    create_table :group_classes, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.references :workout, type: :uuid, foreign_key: {on_delete: :nullify}
      table.integer :workout_version
      table.references :place, type: :uuid, foreign_key: true
      table.references :leader, type: :uuid, foreign_key: {to_table: :instructors}
      table.uuid :series
      table.text :title, null: false
      table.jsonb :document, null: false
      table.integer :total_s, null: false
      table.datetime :starts_at, null: false
      table.integer :slot_minutes
      table.jsonb :kit
      table.text :note, null: false, default: ""
      table.integer :card_version, null: false, default: 0
      table.integer :lock_version, null: false, default: 1
      table.datetime :cancelled_at
      table.timestamps
      table.index [:studio_id, :starts_at]
    end
  end

  def roster
    create_table :roster_entries, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.references :group_class, type: :uuid, null: false, foreign_key: {on_delete: :cascade}
      table.references :person, type: :uuid, null: false, foreign_key: {on_delete: :cascade}
      table.boolean :present
      table.text :lane, null: false
      table.boolean :tired, null: false, default: false
      # Encrypted: the joints that are sore today.
      table.text :sore
      table.timestamps
      table.index [:group_class_id, :person_id], unique: true
      table.check_constraint "lane #{LEVELS}", name: "roster_entries_lane"
    end
  end

  def choices
    create_table :choices, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.references :group_class, type: :uuid, null: false, foreign_key: {on_delete: :cascade}
      table.references :person, type: :uuid, null: false, foreign_key: {on_delete: :cascade}
      table.references :instructor, type: :uuid, foreign_key: true
      table.text :block, null: false
      table.text :station, null: false
      table.text :movement
      table.text :variation
      table.integer :number
      # Encrypted: a reason may be private.
      table.text :why
      table.timestamps
      table.index [:group_class_id, :person_id, :block, :station], unique: true, name: "index_choices_on_cell"
      table.index [:person_id, :movement]
    end
  end
end
