# frozen_string_literal: true

# A studio of one's own: what the installation knows of itself, the team with its
# roles, links and second factor, what was done by whom, and a version for
# everything that can be edited.
class AddInstallationTeamAndVersions < ActiveRecord::Migration[7.2]
  def change
    create_table :installations, id: :integer, default: nil do |table|
      table.text :key_check
      table.text :next_key_check
      table.text :setup_code_digest
      table.datetime :demo_loaded_at
      table.timestamps
      table.check_constraint "id = 1", name: "installations_one"
    end

    add_column :studios, :time_zone, :text, null: false, default: "UTC"
    add_column :studios, :date_locale, :text, null: false, default: "en-GB"
    add_column :studios, :demo, :boolean, null: false, default: false
    add_column :studios, :closed_at, :datetime
    add_column :studios, :audit_days, :integer, null: false, default: 730
    add_column :studios, :retention_days, :integer, null: false, default: 1095
    add_column :studios, :house_version, :integer, null: false, default: 1
    add_column :studios, :version, :integer, null: false, default: 1

    add_column :people, :version, :integer, null: false, default: 1
    add_column :people, :health_version, :integer, null: false, default: 1
    add_column :places, :version, :integer, null: false, default: 1
    add_column :studio_movements, :version, :integer, null: false, default: 1
    add_column :choices, :version, :integer, null: false, default: 1

    add_column :instructors, :role, :text, null: false, default: "owner"
    change_column_default :instructors, :role, from: "owner", to: "instructor"
    add_column :instructors, :disabled_at, :datetime
    add_column :instructors, :totp_secret, :text
    add_column :instructors, :totp_on_at, :datetime
    add_column :instructors, :totp_last_step, :bigint
    add_column :instructors, :password_changed_at, :datetime

    add_column :sign_ins, :last_seen_at, :datetime
    add_column :sign_ins, :device, :text, null: false, default: ""

    create_table :recovery_codes, id: :uuid do |table|
      table.references :instructor, type: :uuid, null: false, foreign_key: {on_delete: :cascade}
      table.text :code_digest, null: false
      table.datetime :used_at
      table.timestamps
    end

    create_table :known_addresses, id: :uuid do |table|
      table.references :instructor, type: :uuid, null: false, foreign_key: {on_delete: :cascade}, index: false
      table.text :address_digest, null: false
      table.datetime :seen_at, null: false
      table.index %i[instructor_id address_digest], unique: true
    end

    create_table :sign_in_failures, id: false do |table|
      table.text :key, null: false, primary_key: true
      table.integer :count, null: false
      table.datetime :last_at, null: false, index: true
    end

    create_table :invitations, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.references :invited_by, type: :uuid, foreign_key: {to_table: :instructors, on_delete: :nullify}
      table.text :name, null: false
      table.text :email, null: false
      table.text :role, null: false
      table.datetime :expires_at, null: false
      table.datetime :accepted_at
      table.datetime :withdrawn_at
      table.timestamps
    end

    create_table :password_links, id: :uuid do |table|
      table.references :instructor, type: :uuid, null: false, foreign_key: {on_delete: :cascade}
      table.datetime :expires_at, null: false
      table.datetime :used_at
      table.timestamps
    end

    create_table :kept_mails, id: :uuid do |table|
      table.text :recipient, null: false
      table.text :subject, null: false
      table.text :body, null: false
      table.datetime :created_at, null: false, index: true
    end

    create_table :log_revisions, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, foreign_key: true
      table.references :run, type: :uuid, null: false, foreign_key: {on_delete: :cascade}, index: false
      table.references :instructor, type: :uuid, foreign_key: {on_delete: :nullify}
      table.integer :number, null: false
      table.text :content, null: false
      table.integer :present, null: false
      table.integer :people, null: false
      table.datetime :created_at, null: false
      table.index %i[run_id number], unique: true
    end

    create_table :audit_events, id: :uuid do |table|
      table.references :studio, type: :uuid, null: false, index: false
      table.uuid :instructor_id
      table.text :actor, null: false
      table.text :action, null: false
      table.text :subject_type
      table.uuid :subject_id
      table.jsonb :detail, null: false, default: {}
      table.datetime :at, null: false
      table.index %i[studio_id at]
    end

    reversible do |direction|
      direction.up { safety_assured { execute(APPEND_ONLY) } }
      direction.down { safety_assured { execute("DROP FUNCTION audit_events_append_only CASCADE") } }
    end
  end

  # Events are added, and removed only when the time that the studio keeps them is over.
  APPEND_ONLY = <<~SQL
    CREATE FUNCTION audit_events_append_only() RETURNS trigger LANGUAGE plpgsql AS $$
    BEGIN
      IF TG_OP = 'DELETE' AND current_setting('sparrow.removing_old_events', true) = 'yes' THEN RETURN OLD; END IF;
      RAISE EXCEPTION 'audit events are never changed';
    END $$;
    CREATE TRIGGER audit_events_append_only BEFORE UPDATE OR DELETE ON audit_events FOR EACH ROW EXECUTE FUNCTION audit_events_append_only();
  SQL
end
