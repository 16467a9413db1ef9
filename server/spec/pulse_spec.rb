# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Pulse straps" do
  let!(:studio) { signed_in_studio }
  let!(:kofi) { studio.people.create!(name: "Kofi Penhallow", level: "advanced", birth_year: Time.now.utc.year - 40) }
  let!(:dov) { studio.people.create!(name: "Dov Abernethy", level: "beginner") }
  let(:run) { open_run }
  let(:path) { "/api/runs/#{run["id"]}/pulse" }

  def agrees(person, agreed = true)
    send_json(:put, "#{path}/#{person.id}", {"agrees" => agreed})
  end

  # Every key and value of an answer. A beat is looked for among these, not in the text,
  # where a clock's or an id's digits may look like one.
  def words_and_numbers(value)
    case value
    when Hash then value.flat_map { |key, inside| [key, *words_and_numbers(inside)] }
    when Array then value.flat_map { |inside| words_and_numbers(inside) }
    else [value]
    end
  end

  # As a bridge sends them: without a session.
  def beats(token, **bpm)
    clear_cookies
    header "Authorization", "Bearer #{token}"
    send_json(:post, "/api/pulse", {"beats" => bpm.map { |id, rate| {"person_id" => id.to_s, "bpm" => rate} }})
  ensure
    header "Authorization", nil
  end

  it "are off until an instructor turns them on, and take beats only of who has agreed" do
    expect(send_json(:get, path)).to eq("open" => false, "straps" => [])
    token = send_json(:post, path)["token"]
    agrees(kofi)
    expect(beats(token, kofi.id => 150, dov.id => 120)).to eq("taken" => 1, "ignored" => [dov.id])
    sign_in
    expect(send_json(:get, path)).to eq("open" => true, "straps" => [{"person_id" => kofi.id, "bpm" => 150, "effort" => "hard"}])
  end

  it "say nothing of effort where the age is not known, and nothing once a beat is old" do
    token = send_json(:post, path)["token"]
    agrees(dov)
    beats(token, dov.id => 120)
    sign_in
    expect(send_json(:get, path)["straps"].first).to include("bpm" => 120, "effort" => nil)
    Server::Records::PulseStrap.update_all(heard_at: 1.minute.ago)
    expect(send_json(:get, path)["straps"].first).to include("bpm" => nil)
  end

  it "are void with a token that is forged, or once they are turned off, or the run is logged" do
    token = send_json(:post, path)["token"]
    agrees(kofi)
    ["x", "", token.reverse].each { |forged| expect(beats(forged, kofi.id => 100) && status).to eq(401) }
    sign_in
    expect(send_json(:delete, path)).to eq("open" => false, "straps" => [])
    beats(token, kofi.id => 100)
    expect(status).to eq(401)
    sign_in
    send_json(:post, path)
    agrees(kofi)
    send_json(:put, "/api/runs/#{run["id"]}/log", {"submission_id" => SecureRandom.uuid, "log_version" => 0, "attendances" => []})
    expect(Server::Records::PulseStrap.count).to eq(0)
  end

  it "are never in the hall, nor for a helper" do
    token = send_json(:post, path)["token"]
    agrees(kofi)
    code = send_json(:post, "/api/runs/#{run["id"]}/hall")["hall"]["code"]
    beats(token, kofi.id => 151)
    shown = words_and_numbers(send_json(:get, "/api/hall/#{code}"))
    expect(shown).to include("Lock-gate Tuesday")
    expect(shown).not_to include("bpm", 151, kofi.id)
    studio.instructors.create!(name: "Helper", email: "helper@example.test", role: "helper", password: "weir-and-lock-gate")
    sign_in(email: "helper@example.test")
    send_json(:get, path)
    expect(status).to eq(403)
  end
end
