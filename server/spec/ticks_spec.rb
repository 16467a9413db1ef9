# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Ticks" do
  let!(:studio) { signed_in_studio }
  let(:amrap) { {"id" => "b", "role" => "main", "format" => "amrap", "cap_s" => 600, "stations" => [station("a")]} }
  let(:run) { open_run(make_workout(workout_document(amrap))) }

  def tick(**keys)
    send_json(:post, "/api/runs/#{run["id"]}/ticks", {"client_key" => SecureRandom.uuid, "block" => "b", "level" => "beginner", "amount" => 1, **keys.transform_keys(&:to_s)})
  end

  it "count rounds by level and by person" do
    person = studio.people.create!(name: "Kofi Penhallow", level: "advanced")
    tick
    tick(level: "advanced", person_id: person.id)
    ticks = send_json(:get, "/api/runs/#{run["id"]}/ticks")["ticks"]
    expect(ticks.map { |held| held.values_at("level", "person_id", "amount") }).to eq([["beginner", nil, 1], ["advanced", person.id, 1]])
  end

  it "count once what is sent twice" do
    key = SecureRandom.uuid
    2.times { tick(client_key: key, station: "a", amount: 12) }
    expect(send_json(:get, "/api/runs/#{run["id"]}/ticks")["ticks"].sum { |held| held["amount"] }).to eq(12)
  end

  it "are taken back, and the row stays" do
    key = tick["ticks"].first["client_key"]
    expect(send_json(:delete, "/api/runs/#{run["id"]}/ticks/#{key}")["ticks"]).to eq([])
    expect(Server::Records::Tick.count).to eq(1)
    send_json(:delete, "/api/runs/#{run["id"]}/ticks/#{SecureRandom.uuid}")
    expect(status).to eq(404)
  end

  it "refuse places and people that are not there, and amounts that are none" do
    {{block: "x"} => "/block", {station: "x"} => "/station", {person_id: "nobody"} => "/person_id", {amount: 0} => "/amount", {level: "expert"} => "/level"}.each do |keys, pointer|
      tick(**keys)
      expect(status).to eq(422)
      expect(field_errors.keys).to include(pointer)
    end
  end

  it "are another studio's run's there" do
    id = run["id"]
    make_studio("Other", email: "other@example.test")
    sign_in(email: "other@example.test")
    send_json(:get, "/api/runs/#{id}/ticks")
    expect(status).to eq(404)
  end
end
