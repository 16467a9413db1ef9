# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Bad input" do
  before { signed_in_studio }

  let(:sound) { workout_document(intervals(1)) }

  def changed(&change)
    copy(sound).tap(&change)
  end

  # name, method, path, body, status, a pointer that must be named
  table = [
    ["malformed JSON", :post, "/api/preview", "{", 400],
    ["half a character", :post, "/api/preview", "{\"workout\": \"\xC3\"}", 400],
    ["JSON nested too deep", :post, "/api/preview", "[" * 200 + "]" * 200, 400],
    ["a list", :post, "/api/preview", "[]", 400],
    ["an empty body", :post, "/api/preview", "", 400],
    ["a body of 5 MB", :post, "/api/preview", "{\"workout\": \"#{"x" * 5_000_000}\"}", 413],
    ["a missing workout", :post, "/api/preview", {}, 422, "/workout"],
    ["an unknown key", :post, "/api/preview", {"workout" => {}, "also" => 1}, 422, "/also"],
    ["text for a document", :post, "/api/preview", {"workout" => "x"}, 422, "/workout"],
    ["a missing document", :post, "/api/workouts", {}, 422, "/document"],
    ["a copy of nothing", :post, "/api/workouts", {"copy_of" => "nothing"}, 404],
    ["an unknown workout", :get, "/api/workouts/00000000-0000-4000-8000-000000000000", nil, 404],
    ["an id that is none", :get, "/api/workouts/7", nil, 404],
    ["an id with a quote", :get, "/api/workouts/'%20OR%201=1", nil, 404],
    ["an unknown movement", :get, "/api/movements/somersault", nil, 404],
    ["an unknown address", :get, "/api/unknown", nil, 404],
    ["a person of nothing", :post, "/api/people", {}, 422, "/name"],
    ["a person with an unknown key", :post, "/api/people", {"name" => "Ned", "level" => "beginner", "shoe" => 9}, 422, "/shoe"],
    ["a person with a name that never ends", :post, "/api/people", {"name" => "N" * 81, "level" => "beginner"}, 422, "/name"],
    ["an unknown person", :get, "/api/people/00000000-0000-4000-8000-000000000000", nil, 404],
    ["limits that are no list", :post, "/api/people/limits", {"limits" => "knee"}, 422, "/limits"],
    ["twenty-one limits", :post, "/api/people/limits", {"limits" => Array.new(21) { {"kind" => "knee", "severity" => "avoid"} }}, 422, "/limits"],
    ["an import of nothing", :post, "/api/people/import", {}, 422, "/csv"],
    ["benchmarks of nobody", :post, "/api/benchmarks", {"taken_on" => "2026-11-01", "entries" => []}, 422, "/entries"],
    ["benchmarks of no day", :post, "/api/benchmarks", {"taken_on" => "soon", "entries" => [{}]}, 422, "/taken_on"],
    ["a place without a name", :post, "/api/places", {"address" => "Weir Lane"}, 422, "/name"],
    ["a place with less than no chairs", :post, "/api/places", {"name" => "Boathouse", "kit" => {"chair" => -1}}, 422, "/kit/chair"],
    ["a place with an unknown piece", :post, "/api/places", {"name" => "Boathouse", "kit" => {"trampoline" => 1}}, 422, "/kit/trampoline"],
    ["a class of nothing", :post, "/api/classes", {}, 422, "/workout_id"],
    ["a class of an unknown circuit", :post, "/api/classes", {"workout_id" => "nothing", "starts_at" => "2026-11-24T18:30:00Z"}, 404],
    ["an unknown class", :get, "/api/classes/00000000-0000-4000-8000-000000000000", nil, 404],
    ["a fit of no class", :get, "/api/classes/7/fit", nil, 404],
    ["a forged card", :get, "/api/cards/not-a-card", nil, 410],
    ["a card with a quote", :get, "/api/cards/'%20OR%201=1", nil, 410],
    ["a run of nothing", :post, "/api/runs", {"workout_id" => "x", "client_key" => "12345678"}, 404],
    ["a run without a key", :post, "/api/runs", {"workout_id" => "x"}, 422, "/client_key"],
    ["a key that is too long", :post, "/api/runs", {"workout_id" => "x", "client_key" => "k" * 65}, 422, "/client_key"]
  ]

  table.each do |name, method, path, body, expected, pointer|
    it "is answered with #{expected}: #{name}" do
      send_json(method, path, body)
      expect(status).to eq(expected)
      expect(last_response["content-type"]).to eq("application/problem+json")
      expect(field_errors.keys).to include(pointer) if pointer
    end
  end

  # what is put into the document, and the pointer that must be named
  fields = {
    "/blocks/0/rounds" => [0, 1_000, -1, 10**40, 1.5, "three", [], {}],
    "/blocks/0/work_s" => [0, -40, 10**12, "40 s", false],
    "/blocks/0/rest_s" => [-1, 1e300],
    "/blocks/0/stations" => [nil, {}, "x"],
    "/title" => ["", "x" * 121, 7, "nul\u0000"],
    "/blocks/0/stations/0/movement" => ["nothing", "../etc", 3],
    "/blocks/0/stations/0/levels/beginner/reps" => [0, -5, 1_001, "many"]
  }
  fields.each do |pointer, values|
    values.each do |value|
      it "is told at its field: #{value.inspect[0, 24]} at #{pointer}" do
        *holder, last = pointer.delete_prefix("/").split("/").map { |key| key.match?(/\A\d+\z/) ? key.to_i : key }
        document = changed { |doc| (holder.empty? ? doc : doc.dig(*holder))[last] = value }
        send_json(:post, "/api/preview", {"workout" => document})
        expect(status).to eq(422)
        expect(field_errors.keys).to include(start_with("/workout#{pointer}"))
        expect(field_errors.values).to all(match(/\w+/))
      end
    end
  end

  it "stores nothing" do
    send_json(:post, "/api/workouts", {"document" => changed { |doc| doc["blocks"][0]["rounds"] = 0 }})
    expect([status, field_errors.keys, Server::Records::Workout.count]).to eq([422, ["/document/blocks/0/rounds"], 0])
  end

  it "of the server's own making is told without its insides" do
    allow(Sparrow::Preview).to receive(:new).and_raise(RuntimeError, "secret insides")
    answer = send_json(:post, "/api/preview", {"workout" => sound})
    expect([status, answer["title"]]).to eq([500, "Something went wrong"])
    expect(last_response.body).not_to include("secret insides")
  end

  it "is told apart from a database that does not answer" do
    allow(Server::Records::SignIn).to receive(:of).and_raise(ActiveRecord::ConnectionNotEstablished)
    get "/api/workouts"
    expect(status).to eq(503)
  end
end
