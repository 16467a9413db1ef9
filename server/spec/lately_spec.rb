# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "What went before a class" do
  let!(:studio) { signed_in_studio }
  let!(:kofi) { studio.people.create!(name: "Kofi Penhallow", level: "advanced") }
  let!(:dov) { studio.people.create!(name: "Dov Abernethy", level: "beginner") }
  let(:starts) { 1.hour.from_now }
  let(:document) { workout_document(intervals([station("p", movement: "push_up"), station("s", movement: "squat")], work_s: 60, rounds: 3)) }

  def ran(hours_before, *people, of: document)
    run = Server::Records::Run.find(open_run(make_workout(of))["id"])
    run.update!(started_at: starts - hours_before.hours)
    people.each { |person| run.attendances.create!(studio_id: studio.id, person: person, level: person.level, present: true) }
    run
  end

  def findings
    held = send_json(:post, "/api/classes", {"workout_id" => make_workout(document)["id"], "starts_at" => starts.utc.change(usec: 0).iso8601, "people" => [kofi.id, dov.id]})
    send_json(:get, "/api/classes/#{held["id"]}/lately")["findings"]
  end

  it "names who worked the same hard less than two days before" do
    ran(24, kofi)
    ran(72, dov)
    expect(findings.map { |finding| [finding["what"], finding["people"]] }).to eq([["Worked hard less than 48 hours before, and again now: push and squat.", ["Kofi Penhallow"]]])
  end

  it "names whose week comes to over a fifth more than the last" do
    twice = workout_document(intervals([station("p", movement: "row"), station("s", movement: "glute_bridge")], work_s: 60, rounds: 6))
    ran(9 * 24, dov, of: twice)
    ran(4 * 24, dov, of: twice)
    found = findings.find { |finding| finding["what"].include?("a fifth more") }
    expect([found["people"], found["why"]]).to match([["Dov Abernethy"], /house heuristic/i])
  end

  it "goes by what the log says that somebody did, not by the plan" do
    attendance = ran(24, kofi).attendances.first
    result = {studio_id: studio.id, attendance: attendance, block: "main", level: "advanced"}
    Server::Records::Result.create!(**result, station: "s", variation: "squat.parallel", reps: 8)
    Server::Records::Result.create!(**result, station: "p", skipped: true)
    expect(findings.map { |finding| finding["what"] }).to eq(["Worked hard less than 48 hours before, and again now: squat."])
    Server::Records::Result.find_by!(station: "s").update!(variation: "plank.forearm", reps: nil, seconds: 30)
    expect(findings).to eq([])
  end

  it "goes by what of the plan was reached where nobody has logged it" do
    run = ran(24, kofi)
    begun = (starts - 24.hours).to_i * 1000
    [["started", 0], ["ended", 70]].each { |kind, at_s| run.events.create!(studio_id: studio.id, event_id: SecureRandom.uuid, kind: kind, at_ms: begun + at_s * 1000, device_ms: begun, data: {}) }
    expect(findings).to eq([])
  end

  it "says nothing of a class that nothing went before, nor of runs that were thrown away, and nothing to helpers" do
    ran(24, kofi).update!(deleted_at: Time.now.utc)
    expect(findings).to eq([])
    id = Server::Records::GroupClass.last.id
    studio.instructors.create!(name: "Helper", email: "helper@example.test", role: "helper", password: "weir-and-lock-gate")
    sign_in(email: "helper@example.test")
    send_json(:get, "/api/classes/#{id}/lately")
    expect(status).to eq(403)
  end
end
