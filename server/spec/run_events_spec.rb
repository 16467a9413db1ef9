# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "What happens while a class runs" do
  let!(:studio) { signed_in_studio }
  let(:amrap) { {"id" => "b", "role" => "main", "format" => "amrap", "cap_s" => 600, "stations" => [station("a")]} }
  let(:run) { open_run(make_workout(workout_document(amrap))) }
  let(:now_ms) { Server::Runs::DeviceTime.now_ms }

  def happens(kind, of: run, id: SecureRandom.uuid, **keys)
    send_json(:post, "/api/runs/#{of["id"]}/events", {"id" => id, "kind" => kind, "at_ms" => now_ms, **keys.transform_keys(&:to_s)})
  end

  def tap(**keys)
    happens("tapped", block: "b", level: "beginner", amount: 1, **keys)
  end

  def told
    send_json(:get, "/api/runs/#{run["id"]}/events")["events"]
  end

  describe "a tap" do
    it "counts for a level or for one person" do
      person = studio.people.create!(name: "Kofi Penhallow", level: "advanced")
      tap
      tap(level: "advanced", person_id: person.id)
      expect(told.map { |held| held.values_at("level", "person_id", "amount") }).to contain_exactly(["beginner", nil, 1], ["advanced", person.id, 1])
    end

    it "counts once where it is sent twice, and is taken back by an event of its own" do
      key = SecureRandom.uuid
      2.times { tap(id: key, station: "a", amount: 12) }
      expect(told.sum { |held| held["amount"] }).to eq(12)
      send_json(:post, "/api/runs/#{run["id"]}/events", {"id" => SecureRandom.uuid, "kind" => "taken_back", "at_ms" => now_ms, "of" => key})
      expect(Server::Records::Run.find(run["id"]).counted).to eq({})
    end

    it "is refused where there is no such place, person or amount" do
      {{block: "x"} => "/block", {station: "x"} => "/station", {person_id: "nobody"} => "/person_id", {amount: 0} => "/amount", {level: "expert"} => "/level"}.each do |keys, pointer|
        tap(**keys)
        expect(status).to eq(422)
        expect(field_errors.keys).to include(pointer)
      end
    end
  end

  it "is another studio's business there" do
    id = run["id"]
    make_studio("Other", email: "other@example.test")
    sign_in(email: "other@example.test")
    expect(%w[events changes?at_s=0].map { |rest| send_json(:get, "/api/runs/#{id}/#{rest}") && status }).to eq([404, 404])
  end

  describe "a change of the plan" do
    let(:document) { workout_document(intervals([station("a", movement: "squat"), station("b", movement: "push_up")], rounds: 3), intervals([station("f", movement: "squat")], id: "end", role: "finisher", work_s: 60)) }
    let(:run) { open_run(make_workout(document)) }

    def offers(at_s, **rest)
      send_json(:get, "/api/runs/#{run["id"]}/changes?#{URI.encode_www_form({at_s: at_s, **rest})}")
    end

    def change(at_s, *changes)
      happens("changed", at_s: at_s, changes: changes.map { |held| held.transform_keys(&:to_s) })
    end

    it "is offered with its end, and taken with that end" do
      offer = offers(130)["offers"].find { |held| held["label"] == "“Main” ends after 2 rounds" }
      expect(offers(130)["total_s"]).to eq(400)
      change(130, *offer["changes"])
      expect([status, send_json(:get, "/api/runs/#{run["id"]}")["preview"]["total_s"]]).to eq([201, offer["total_s"]])
    end

    it "keeps a time by what it offers" do
      ways = offers(10.5, by_s: 300)["ways"]
      expect(ways.map { |way| way["total_s"] }).to all(be <= 300)
      expect(ways).not_to be_empty
    end

    it "says until when it can be taken back, and is gone when it is" do
      id = change(70, {kind: "leave_out_block", block: "end"})["events"].last["id"]
      stored = send_json(:get, "/api/runs/#{run["id"]}")
      expect([stored["changed_from_s"], stored["document"]["blocks"].size]).to eq([{id => 100}, 1])
      send_json(:post, "/api/runs/#{run["id"]}/events", {"id" => SecureRandom.uuid, "kind" => "taken_back", "at_ms" => now_ms, "of" => id})
      expect(send_json(:get, "/api/runs/#{run["id"]}")["document"]["blocks"].size).to eq(2)
    end

    it "is refused where the plan does not allow it, and where it does not say enough" do
      change(130, {kind: "fewer_rounds", block: "main", rounds: 1})
      expect([status, field_errors.keys]).to eq([422, ["/changes/rounds"]])
      change(130, {kind: "fewer_rounds", block: "main"})
      expect(field_errors.keys).to eq(["/changes/0/rounds"])
      change(130, {kind: "sing"})
      expect(field_errors.keys).to eq(["/changes/0/kind"])
      offers("soon")
      expect([status, field_errors.keys]).to eq([422, ["/at_s"]])
    end

    it "is in the log: what was left out is not there, and what was changed is as it was done" do
      person = studio.people.create!(name: "Kofi Penhallow", level: "advanced")
      happens("started", id: SecureRandom.uuid)
      change(70, {kind: "leave_out_block", block: "end"}, {kind: "other_version", block: "main", station: "b", variation: "push_up.knees", levels: %w[advanced]})
      sheet = send_json(:get, "/api/runs/#{run["id"]}/log")
      expect(sheet["stations"].map { |station| station["station"] }).to eq(%w[a b])
      expect(sheet["stations"].last["levels"]["advanced"]["variation"]).to eq("push_up.knees")
      expect(sheet["people"].map { |held| held["id"] }).to eq([person.id])
    end
  end
end
