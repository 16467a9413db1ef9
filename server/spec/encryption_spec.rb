# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe Server::Encryption do
  let(:studio) { make_studio }

  def raw(table, column)
    ActiveRecord::Base.connection.select_value("SELECT #{column} FROM #{table}")
  end

  it "draws three different keys from one secret, the same each time" do
    keys = described_class::PURPOSES.values.map { |purpose| OpenSSL::HMAC.hexdigest("SHA256", "s" * 64, "willing-sparrow/encryption/#{purpose}") }
    expect(keys.uniq.size).to eq(3)
  end

  it "keeps what is private out of every table that it stands in" do
    person = studio.people.create!(name: "Dov Abernethy", level: "beginner", contact: {"name" => "Hanna", "phone" => "555 0109"}, health: {"note" => "a private thing"}, health_consent_at: Time.now.utc)
    workout = Server::Records::Workout.begin(studio, Sparrow::Preview.new(workout_document(intervals(1))), by: studio.instructors.first)
    group_class = studio.group_classes.new(starts_at: Time.now.utc)
    group_class.snapshot_from(workout)
    group_class.roster.create!(studio_id: studio.id, person: person, level: "beginner", sore: ["knee"])
    group_class.choices.create!(studio_id: studio.id, person: person, block: "main", station: "s1", why: "a private reason")
    run = Server::Records::Run.of_class(group_class, client_key: "12345678", by: nil)
    run.attendances.create!(studio_id: studio.id, person: person, present: true, level: "beginner", pain: "knee", note: "a private note", created_at: Time.now.utc)
    {"people" => %w[health contact], "roster_entries" => %w[sore], "choices" => %w[why], "attendances" => %w[pain note]}.each do |table, columns|
      columns.each { |column| expect(raw(table, column)).not_to match(/private|555 0109|knee|Hanna/), "#{table}.#{column}" }
    end
    expect(Server::Records::Person.find(person.id).health).to eq("note" => "a private thing")
    expect(Server::Records::Attendance.first).to have_attributes(pain: "knee", note: "a private note")
    expect(Server::Records::RosterEntry.first.sore).to eq(["knee"])
  end

  it "never reads what is not encrypted as if it were" do
    person = studio.people.create!(name: "Dov Abernethy", level: "beginner")
    ActiveRecord::Base.connection.execute("UPDATE people SET health = '{\"limits\":[]}'")
    expect { person.reload.health }.to raise_error(ActiveRecord::Encryption::Errors::Decryption)
  end

  it "encrypts old notes when the database is brought up to date" do
    person = studio.people.create!(name: "Dov Abernethy", level: "beginner")
    run = Server::Records::Run.open(Server::Records::Workout.begin(studio, Sparrow::Preview.new(workout_document(intervals(1))), by: nil), client_key: "12345678", by: nil)
    attendance = run.attendances.create!(studio_id: studio.id, person: person, present: true, level: "beginner", created_at: Time.now.utc, pain: "knee")
    ActiveRecord::Base.connection.execute("UPDATE attendances SET note = 'an old note'")
    require File.join(Server::Database::MIGRATIONS, "20261126000008_encrypt_old_notes")
    ActiveRecord::Migration.suppress_messages { EncryptOldNotes.new.migrate(:up) }
    expect(attendance.reload).to have_attributes(note: "an old note", pain: "knee")
    expect(raw("attendances", "note")).not_to include("old note")
  end

  it "needs a secret of its own in production" do
    expect { Server::Settings.new({"RACK_ENV" => "production"}).encryption_secret }.to raise_error(Server::Settings::Missing, /ENCRYPTION_SECRET/)
    expect { Server::Settings.new({"ENCRYPTION_SECRET" => "short"}).encryption_secret }.to raise_error(Server::Settings::Missing, /64/)
    expect(Server::Settings.new({"ENCRYPTION_SECRET" => "e" * 64}).encryption_secret).to eq("e" * 64)
  end
end
