# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "The screens of a run" do
  let!(:studio) { signed_in_studio }
  let(:person) { studio.people.create!(name: "Kofi Penhallow", level: "advanced") }
  let(:run) { open_run }

  def happens(kind, **keys)
    send_json(:post, "/api/runs/#{run["id"]}/events", {"id" => SecureRandom.uuid, "kind" => kind, "at_ms" => Server::Runs::DeviceTime.now_ms, **keys.transform_keys(&:to_s)})
  end

  def open_hall
    send_json(:post, "/api/runs/#{run["id"]}/hall")["hall"]["code"]
  end

  # As a television asks: without a session.
  def on_the_wall(path)
    clear_cookies
    send_json(:get, path)
  end

  it "are named, each with a code to be scanned; the hall's only once it was opened" do
    closed = send_json(:get, "/api/runs/#{run["id"]}/screens")
    expect(closed).to include("hall" => nil, "mine" => nil, "remote" => include("url" => end_with("/runs/#{run["id"]}/remote"), "svg" => include("<svg")))
    expect(open_hall).to match(/\A([0-9A-Z]{4}-){3}[0-9A-Z]{4}\z/)
  end

  describe "in the hall" do
    it "show the plan and what happened, and nobody's name" do
      happens("started")
      happens("tapped", block: "main", level: "advanced", amount: 1, person_id: person.id)
      happens("late", person_id: person.id, at_s: 3)
      code = open_hall
      shown = on_the_wall("/api/hall/#{code}")
      expect(shown["events"].map { |event| event["kind"] }).to eq(["started"])
      expect(shown["preview"]["total_s"]).to eq(100)
      expect(shown["movements"].map { |movement| movement["id"] }).to eq(["glute_bridge"])
      expect(JSON.generate(shown)).not_to include("Kofi", person.id, "Ottoline")
      expect(on_the_wall("/api/hall/#{code}/figures/glute_bridge.two_leg")).to include("box", "tints")
    end

    it "take the code as it is typed on a television" do
      code = open_hall
      on_the_wall("/api/hall/#{code.downcase.delete("-")}")
      expect(status).to eq(200)
    end

    it "are closed to codes that are forged, old, replaced or closed" do
      code = open_hall
      forged = code[0..-2] + ((code[-1] == "A") ? "B" : "A")
      expect([forged, "", "x" * 400, "%00"].map { |wrong| on_the_wall("/api/hall/#{wrong}") && status }).to all(be_between(400, 410))
      sign_in
      again = open_hall
      on_the_wall("/api/hall/#{code}/events")
      expect(status).to eq(410)
      on_the_wall("/api/hall/#{again}/events")
      expect(status).to eq(200)
      Server::Records::HallCode.update_all(until: 1.minute.ago)
      on_the_wall("/api/hall/#{again}")
      expect(status).to eq(410)
      sign_in
      last = open_hall
      expect(send_json(:delete, "/api/runs/#{run["id"]}/hall")["hall"]).to be_nil
      on_the_wall("/api/hall/#{last}")
      expect(status).to eq(410)
    end

    it "change nothing: no other route is open to them" do
      code = open_hall
      clear_cookies
      send_json(:post, "/api/hall/#{code}/events", {"id" => SecureRandom.uuid, "kind" => "ended", "at_ms" => 1})
      expect([401, 404]).to include(status)
    end
  end
end
