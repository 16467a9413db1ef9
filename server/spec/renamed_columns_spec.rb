# frozen_string_literal: true

require_relative "server_helper"

# The version before serves on while this one starts: it writes the names of before.
RSpec.describe "Renamed columns" do
  let(:studio) { make_studio }
  let(:connection) { ActiveRecord::Base.connection }

  def before(person)
    connection.select_value("SELECT lane FROM people WHERE id = '#{person.id}'")
  end

  it "are written under the name of before, too" do
    dov = studio.people.create!(name: "Dov Abernethy", level: "advanced")
    expect(before(dov)).to eq("advanced")
    dov.update!(level: "intermediate")
    expect(before(dov)).to eq("intermediate")
  end

  it "are read where the version before wrote them" do
    dov = studio.people.create!(name: "Dov Abernethy", level: "advanced")
    connection.execute("UPDATE people SET lane = 'beginner' WHERE id = '#{dov.id}'")
    expect(dov.reload.level).to eq("beginner")
    connection.execute("INSERT INTO people (studio_id, name, lane, created_at, updated_at) VALUES ('#{studio.id}', 'Kofi', 'intermediate', now(), now())")
    expect(studio.people.find_by!(name: "Kofi").level).to eq("intermediate")
  end

  it "keep what a log was measured by" do
    workout = Server::Records::Workout.begin(studio, Sparrow::Preview.new(workout_document(intervals(2))), by: studio.instructors.first)
    run = Server::Records::Run.open(workout, client_key: "12345678", by: studio.instructors.first)
    dov = studio.people.create!(name: "Dov Abernethy", level: "advanced")
    held = run.attendances.create!(studio_id: studio.id, person: dov, present: true, level: "advanced", planned_targets: [{"block" => "main"}])
    expect(JSON.parse(connection.select_value("SELECT given FROM attendances WHERE id = '#{held.id}'"))).to eq([{"block" => "main"}])
    connection.execute("UPDATE attendances SET given = '[]' WHERE id = '#{held.id}'")
    expect(held.reload.planned_targets).to eq([])
  end

  it "take nothing but a level" do
    dov = studio.people.create!(name: "Dov Abernethy", level: "advanced")
    expect { dov.update_columns(level: "expert") }.to raise_error(ActiveRecord::StatementInvalid)
  end
end

RSpec.describe "Names of the version before" do
  before { signed_in_studio }

  it "are taken of a page that was open before, and of a file that was written before" do
    made = send_json(:post, "/api/people", {"name" => "Dov Abernethy", "lane" => "advanced"})
    expect([status, made["level"]]).to eq([201, "advanced"])
    send_json(:post, "/api/people/import", {"csv" => "name,lane\nKofi Penhallow,intermediate\n", "apply" => true})
    expect(Server::Records::Person.find_by!(name: "Kofi Penhallow").level).to eq("intermediate")
  end

  it "are no names of anything else" do
    send_json(:post, "/api/people", {"name" => "Dov Abernethy", "lane" => "expert"})
    expect(field_errors.keys).to eq(["/level"])
  end
end
