# This file is auto-generated from the current state of the database. Instead
# of editing this file, please use the migrations feature of Active Record to
# incrementally modify your database, and then regenerate this schema definition.
#
# This file is the source Rails uses to define your schema when running `bin/rails
# db:schema:load`. When creating a new database, `bin/rails db:schema:load` tends to
# be faster and is potentially less error prone than running all of your
# migrations from scratch. Old migrations may fail to apply correctly if those
# migrations use external dependencies or application code.
#
# It's strongly recommended that you check this file into your version control system.

ActiveRecord::Schema[7.2].define(version: 2026_11_28_000025) do
  # These are extensions that must be enabled in order to support this database
  enable_extension "plpgsql"

  create_table "attendances", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.uuid "run_id", null: false
    t.uuid "person_id", null: false
    t.boolean "present", null: false
    t.text "lane", null: false
    t.integer "effort"
    t.text "pain"
    t.text "note"
    t.datetime "created_at", null: false
    t.jsonb "given"
    t.text "level"
    t.jsonb "planned_targets"
    t.text "pain_action"
    t.jsonb "blocks", default: [], null: false
    t.index ["person_id"], name: "index_attendances_on_person_id"
    t.index ["run_id", "person_id"], name: "index_attendances_on_run_id_and_person_id", unique: true
    t.index ["run_id"], name: "index_attendances_on_run_id"
    t.index ["studio_id"], name: "index_attendances_on_studio_id"
    t.check_constraint "effort >= 0 AND effort <= 10", name: "attendances_effort"
  end

  create_table "audit_events", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.uuid "instructor_id"
    t.text "actor", null: false
    t.text "action", null: false
    t.text "subject_type"
    t.uuid "subject_id"
    t.jsonb "detail", default: {}, null: false
    t.datetime "at", null: false
    t.index ["studio_id", "at"], name: "index_audit_events_on_studio_id_and_at"
  end

  create_table "benchmarks", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.uuid "person_id", null: false
    t.uuid "instructor_id"
    t.text "test", null: false
    t.text "variation", null: false
    t.integer "amount", null: false
    t.date "taken_on", null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.index ["instructor_id"], name: "index_benchmarks_on_instructor_id"
    t.index ["person_id", "test", "taken_on"], name: "index_benchmarks_on_person_id_and_test_and_taken_on", unique: true
    t.index ["person_id"], name: "index_benchmarks_on_person_id"
    t.index ["studio_id"], name: "index_benchmarks_on_studio_id"
    t.check_constraint "amount >= 0", name: "benchmarks_amount"
  end

  create_table "choices", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.uuid "group_class_id", null: false
    t.uuid "person_id", null: false
    t.uuid "instructor_id"
    t.text "block", null: false
    t.text "station", null: false
    t.text "movement"
    t.text "variation"
    t.integer "number"
    t.text "why"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.integer "version", default: 1, null: false
    t.index ["group_class_id", "person_id", "block", "station"], name: "index_choices_on_cell", unique: true
    t.index ["group_class_id"], name: "index_choices_on_group_class_id"
    t.index ["instructor_id"], name: "index_choices_on_instructor_id"
    t.index ["person_id", "movement"], name: "index_choices_on_person_id_and_movement"
    t.index ["person_id"], name: "index_choices_on_person_id"
    t.index ["studio_id"], name: "index_choices_on_studio_id"
  end

  create_table "group_classes", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.uuid "workout_id"
    t.integer "workout_version"
    t.uuid "place_id"
    t.uuid "leader_id"
    t.uuid "series"
    t.text "title", null: false
    t.jsonb "document", null: false
    t.integer "total_s", null: false
    t.datetime "starts_at", null: false
    t.integer "slot_minutes"
    t.jsonb "kit"
    t.text "note", default: "", null: false
    t.integer "card_version", default: 0, null: false
    t.integer "lock_version", default: 1, null: false
    t.datetime "cancelled_at"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.text "going_up"
    t.boolean "own_entries", default: false, null: false
    t.index ["leader_id"], name: "index_group_classes_on_leader_id"
    t.index ["place_id"], name: "index_group_classes_on_place_id"
    t.index ["studio_id", "starts_at"], name: "index_group_classes_on_studio_id_and_starts_at"
    t.index ["studio_id"], name: "index_group_classes_on_studio_id"
    t.index ["workout_id"], name: "index_group_classes_on_workout_id"
  end

  create_table "hall_codes", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.uuid "run_id", null: false
    t.text "key", null: false
    t.datetime "until", null: false
    t.index ["key"], name: "index_hall_codes_on_key", unique: true
    t.index ["run_id"], name: "index_hall_codes_on_run_id", unique: true
    t.index ["studio_id"], name: "index_hall_codes_on_studio_id"
  end

  create_table "installations", id: :integer, default: nil, force: :cascade do |t|
    t.text "key_check"
    t.text "next_key_check"
    t.text "setup_code_digest"
    t.datetime "demo_loaded_at"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.check_constraint "id = 1", name: "installations_one"
  end

  create_table "instructors", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.text "name", null: false
    t.text "email", null: false
    t.text "password_digest", null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.text "role", default: "instructor", null: false
    t.datetime "disabled_at"
    t.text "totp_secret"
    t.datetime "totp_on_at"
    t.bigint "totp_last_step"
    t.datetime "password_changed_at"
    t.index "lower(email)", name: "index_instructors_on_lower_email", unique: true
    t.index ["studio_id"], name: "index_instructors_on_studio_id"
  end

  create_table "invitations", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.uuid "invited_by_id"
    t.text "name", null: false
    t.text "email", null: false
    t.text "role", null: false
    t.datetime "expires_at", null: false
    t.datetime "accepted_at"
    t.datetime "withdrawn_at"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.index ["invited_by_id"], name: "index_invitations_on_invited_by_id"
    t.index ["studio_id"], name: "index_invitations_on_studio_id"
  end

  create_table "kept_mails", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.text "recipient", null: false
    t.text "subject", null: false
    t.text "body", null: false
    t.datetime "created_at", null: false
    t.index ["created_at"], name: "index_kept_mails_on_created_at"
  end

  create_table "known_addresses", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "instructor_id", null: false
    t.text "address_digest", null: false
    t.datetime "seen_at", null: false
    t.index ["instructor_id", "address_digest"], name: "index_known_addresses_on_instructor_id_and_address_digest", unique: true
  end

  create_table "log_revisions", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.uuid "run_id", null: false
    t.uuid "instructor_id"
    t.integer "number", null: false
    t.text "content", null: false
    t.integer "present", null: false
    t.integer "people", null: false
    t.datetime "created_at", null: false
    t.index ["instructor_id"], name: "index_log_revisions_on_instructor_id"
    t.index ["run_id", "number"], name: "index_log_revisions_on_run_id_and_number", unique: true
    t.index ["studio_id"], name: "index_log_revisions_on_studio_id"
  end

  create_table "own_entries", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.uuid "group_class_id", null: false
    t.uuid "person_id", null: false
    t.text "content", null: false
    t.datetime "entered_at", null: false
    t.index ["group_class_id", "person_id"], name: "index_own_entries_on_group_class_id_and_person_id", unique: true
    t.index ["group_class_id"], name: "index_own_entries_on_group_class_id"
    t.index ["person_id"], name: "index_own_entries_on_person_id"
    t.index ["studio_id"], name: "index_own_entries_on_studio_id"
  end

  create_table "password_links", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "instructor_id", null: false
    t.datetime "expires_at", null: false
    t.datetime "used_at"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.index ["instructor_id"], name: "index_password_links_on_instructor_id"
  end

  create_table "people", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.text "name", null: false
    t.text "lane", default: "beginner", null: false
    t.datetime "archived_at"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.text "pronouns"
    t.integer "birth_year"
    t.date "since"
    t.jsonb "levels", default: {}, null: false
    t.text "tags", default: [], null: false, array: true
    t.text "contact"
    t.text "health"
    t.datetime "health_consent_at"
    t.integer "version", default: 1, null: false
    t.integer "health_version", default: 1, null: false
    t.text "level"
    t.index ["studio_id"], name: "index_people_on_studio_id"
    t.check_constraint "lane = ANY (ARRAY['beginner'::text, 'intermediate'::text, 'advanced'::text])", name: "people_lane"
    t.check_constraint "level = ANY (ARRAY['beginner'::text, 'intermediate'::text, 'advanced'::text])", name: "people_level"
  end

  create_table "places", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.text "name", null: false
    t.text "address", default: "", null: false
    t.text "defibrillator", default: "", null: false
    t.text "first_aid", default: "", null: false
    t.text "space", default: "", null: false
    t.text "surface", default: "", null: false
    t.jsonb "kit"
    t.datetime "archived_at"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.integer "version", default: 1, null: false
    t.integer "width_m"
    t.integer "depth_m"
    t.index ["studio_id"], name: "index_places_on_studio_id"
  end

  create_table "pulse_straps", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.uuid "run_id", null: false
    t.uuid "person_id", null: false
    t.integer "bpm"
    t.datetime "heard_at"
    t.datetime "agreed_at", null: false
    t.index ["person_id"], name: "index_pulse_straps_on_person_id"
    t.index ["run_id", "person_id"], name: "index_pulse_straps_on_run_id_and_person_id", unique: true
    t.index ["run_id"], name: "index_pulse_straps_on_run_id"
    t.index ["studio_id"], name: "index_pulse_straps_on_studio_id"
  end

  create_table "recovery_codes", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "instructor_id", null: false
    t.text "code_digest", null: false
    t.datetime "used_at"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.index ["instructor_id"], name: "index_recovery_codes_on_instructor_id"
  end

  create_table "results", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.uuid "attendance_id", null: false
    t.text "block", null: false
    t.text "station", null: false
    t.text "level", null: false
    t.text "variation"
    t.integer "reps"
    t.integer "reps_left"
    t.boolean "skipped", default: false, null: false
    t.boolean "planned", default: true, null: false
    t.integer "seconds"
    t.integer "least"
    t.float "freshness"
    t.integer "per_round", array: true
    t.float "load_kg"
    t.jsonb "faults"
    t.integer "rounds"
    t.index ["attendance_id", "block", "station"], name: "index_results_on_attendance_id_and_block_and_station", unique: true
    t.index ["attendance_id"], name: "index_results_on_attendance_id"
    t.index ["studio_id"], name: "index_results_on_studio_id"
  end

  create_table "roster_entries", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.uuid "group_class_id", null: false
    t.uuid "person_id", null: false
    t.boolean "present"
    t.text "lane", null: false
    t.boolean "tired", default: false, null: false
    t.text "sore"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.text "level"
    t.integer "turn"
    t.index ["group_class_id", "person_id"], name: "index_roster_entries_on_group_class_id_and_person_id", unique: true
    t.index ["group_class_id"], name: "index_roster_entries_on_group_class_id"
    t.index ["person_id"], name: "index_roster_entries_on_person_id"
    t.index ["studio_id"], name: "index_roster_entries_on_studio_id"
    t.check_constraint "lane = ANY (ARRAY['beginner'::text, 'intermediate'::text, 'advanced'::text])", name: "roster_entries_lane"
    t.check_constraint "level = ANY (ARRAY['beginner'::text, 'intermediate'::text, 'advanced'::text])", name: "roster_entries_level"
  end

  create_table "run_events", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.uuid "run_id", null: false
    t.uuid "instructor_id"
    t.uuid "event_id", null: false
    t.text "kind", null: false
    t.bigint "at_ms", null: false
    t.bigint "device_ms", null: false
    t.jsonb "data", default: {}, null: false
    t.datetime "created_at", null: false
    t.uuid "person_id"
    t.index ["instructor_id"], name: "index_run_events_on_instructor_id"
    t.index ["person_id"], name: "index_run_events_on_person_id"
    t.index ["run_id", "event_id"], name: "index_run_events_on_run_id_and_event_id", unique: true
    t.index ["run_id"], name: "index_run_events_on_run_id"
    t.index ["studio_id"], name: "index_run_events_on_studio_id"
  end

  create_table "runs", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.uuid "workout_id"
    t.uuid "instructor_id"
    t.text "title", null: false
    t.jsonb "document", null: false
    t.integer "total_s", null: false
    t.text "client_key", null: false
    t.datetime "started_at"
    t.datetime "finished_at"
    t.integer "log_version", default: 0, null: false
    t.text "last_submission"
    t.text "log_note"
    t.datetime "logged_at"
    t.datetime "deleted_at"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.uuid "group_class_id"
    t.text "pulse_key"
    t.index ["group_class_id"], name: "index_runs_on_group_class_id"
    t.index ["instructor_id"], name: "index_runs_on_instructor_id"
    t.index ["studio_id", "client_key"], name: "index_runs_on_studio_id_and_client_key", unique: true
    t.index ["studio_id"], name: "index_runs_on_studio_id"
    t.index ["workout_id"], name: "index_runs_on_workout_id"
  end

  create_table "sign_in_failures", primary_key: "key", id: :text, force: :cascade do |t|
    t.integer "count", null: false
    t.datetime "last_at", null: false
    t.index ["last_at"], name: "index_sign_in_failures_on_last_at"
  end

  create_table "sign_ins", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "instructor_id", null: false
    t.text "token_digest", null: false
    t.datetime "expires_at", null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.datetime "last_seen_at"
    t.text "device", default: "", null: false
    t.index ["instructor_id"], name: "index_sign_ins_on_instructor_id"
    t.index ["token_digest"], name: "index_sign_ins_on_token_digest", unique: true
  end

  create_table "studio_movements", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.text "movement_id", null: false
    t.jsonb "document", null: false
    t.datetime "retired_at"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.integer "version", default: 1, null: false
    t.index ["studio_id", "movement_id"], name: "index_studio_movements_on_studio_id_and_movement_id", unique: true
    t.index ["studio_id"], name: "index_studio_movements_on_studio_id"
  end

  create_table "studios", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.text "name", null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.jsonb "house", default: {}, null: false
    t.integer "movements_version", default: 0, null: false
    t.text "time_zone", default: "UTC", null: false
    t.text "date_locale", default: "en-GB", null: false
    t.boolean "demo", default: false, null: false
    t.datetime "closed_at"
    t.integer "audit_days", default: 730, null: false
    t.integer "retention_days", default: 1095, null: false
    t.integer "house_version", default: 1, null: false
    t.integer "version", default: 1, null: false
    t.text "units", default: "metric", null: false
    t.text "week_start", default: "monday", null: false
    t.text "going_up", default: "offered", null: false
    t.text "rules_off", default: [], null: false, array: true
  end

  create_table "workout_revisions", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.uuid "workout_id", null: false
    t.integer "number", null: false
    t.jsonb "document", null: false
    t.uuid "instructor_id"
    t.datetime "created_at", null: false
    t.index ["instructor_id"], name: "index_workout_revisions_on_instructor_id"
    t.index ["studio_id"], name: "index_workout_revisions_on_studio_id"
    t.index ["workout_id", "number"], name: "index_workout_revisions_on_workout_id_and_number", unique: true
    t.index ["workout_id"], name: "index_workout_revisions_on_workout_id"
  end

  create_table "workouts", id: :uuid, default: -> { "gen_random_uuid()" }, force: :cascade do |t|
    t.uuid "studio_id", null: false
    t.text "title", null: false
    t.jsonb "document", null: false
    t.integer "lock_version", default: 1, null: false
    t.boolean "ready", default: false, null: false
    t.integer "total_s", default: 0, null: false
    t.integer "stations_count", default: 0, null: false
    t.uuid "updated_by_id"
    t.datetime "deleted_at"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.text "tags", default: [], null: false, array: true
    t.index ["studio_id"], name: "index_workouts_on_studio_id"
    t.index ["updated_by_id"], name: "index_workouts_on_updated_by_id"
  end

  add_foreign_key "attendances", "people"
  add_foreign_key "attendances", "runs", on_delete: :cascade
  add_foreign_key "attendances", "studios"
  add_foreign_key "benchmarks", "instructors"
  add_foreign_key "benchmarks", "people", on_delete: :cascade
  add_foreign_key "benchmarks", "studios"
  add_foreign_key "choices", "group_classes", on_delete: :cascade
  add_foreign_key "choices", "instructors"
  add_foreign_key "choices", "people", on_delete: :cascade
  add_foreign_key "choices", "studios"
  add_foreign_key "group_classes", "instructors", column: "leader_id"
  add_foreign_key "group_classes", "places"
  add_foreign_key "group_classes", "studios"
  add_foreign_key "group_classes", "workouts", on_delete: :nullify
  add_foreign_key "hall_codes", "runs", on_delete: :cascade
  add_foreign_key "hall_codes", "studios"
  add_foreign_key "instructors", "studios"
  add_foreign_key "invitations", "instructors", column: "invited_by_id", on_delete: :nullify
  add_foreign_key "invitations", "studios"
  add_foreign_key "known_addresses", "instructors", on_delete: :cascade
  add_foreign_key "log_revisions", "instructors", on_delete: :nullify
  add_foreign_key "log_revisions", "runs", on_delete: :cascade
  add_foreign_key "log_revisions", "studios"
  add_foreign_key "own_entries", "group_classes", on_delete: :cascade
  add_foreign_key "own_entries", "people", on_delete: :cascade
  add_foreign_key "own_entries", "studios"
  add_foreign_key "password_links", "instructors", on_delete: :cascade
  add_foreign_key "people", "studios"
  add_foreign_key "places", "studios"
  add_foreign_key "pulse_straps", "people", on_delete: :cascade
  add_foreign_key "pulse_straps", "runs", on_delete: :cascade
  add_foreign_key "pulse_straps", "studios"
  add_foreign_key "recovery_codes", "instructors", on_delete: :cascade
  add_foreign_key "results", "attendances", on_delete: :cascade
  add_foreign_key "results", "studios"
  add_foreign_key "roster_entries", "group_classes", on_delete: :cascade
  add_foreign_key "roster_entries", "people", on_delete: :cascade
  add_foreign_key "roster_entries", "studios"
  add_foreign_key "run_events", "instructors", on_delete: :nullify
  add_foreign_key "run_events", "people", on_delete: :cascade
  add_foreign_key "run_events", "runs", on_delete: :cascade
  add_foreign_key "run_events", "studios"
  add_foreign_key "runs", "group_classes", on_delete: :nullify
  add_foreign_key "runs", "instructors"
  add_foreign_key "runs", "studios"
  add_foreign_key "runs", "workouts", on_delete: :nullify
  add_foreign_key "sign_ins", "instructors", on_delete: :cascade
  add_foreign_key "studio_movements", "studios"
  add_foreign_key "workout_revisions", "instructors"
  add_foreign_key "workout_revisions", "studios"
  add_foreign_key "workout_revisions", "workouts", on_delete: :cascade
  add_foreign_key "workouts", "instructors", column: "updated_by_id"
  add_foreign_key "workouts", "studios"
end
