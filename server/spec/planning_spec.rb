# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Planning" do
  before { signed_in_studio }

  let(:document) { workout_document(intervals([station("a", movement: "squat"), station("b", movement: "push_up")], rounds: 3), slot_minutes: 30) }

  it "offers targets as a patch, and stores nothing" do
    answer = send_json(:post, "/api/planning/targets", {"workout" => document})
    expect(status).to eq(200)
    expect(answer["patch"]).not_to be_empty
    expect(Server::Records::Workout.count).to eq(0)
  end

  it "offers targets for one station within a window" do
    answer = send_json(:post, "/api/planning/targets", {"workout" => document, "block" => "main", "station" => "a", "window_s" => 20})
    expect(answer["changes"].map { |change| change["station"] }.uniq - ["a"]).to eq([])
    send_json(:post, "/api/planning/targets", {"workout" => document, "block" => "elsewhere"})
    expect([status, field_errors.keys]).to eq([422, ["/block"]])
    send_json(:post, "/api/planning/targets", {"workout" => document, "window_s" => 1})
    expect(field_errors.keys).to eq(["/window_s"])
  end

  it "offers ways to fit a slot" do
    expect(send_json(:post, "/api/planning/slot", {"workout" => document, "minutes" => 30})["options"]).not_to be_empty
    send_json(:post, "/api/planning/slot", {"workout" => document, "minutes" => 0})
    expect([status, field_errors.keys]).to eq([422, ["/minutes"]])
  end

  it "tries out what mends the findings, and stores nothing" do
    found = send_json(:post, "/api/preview", {"workout" => document})["findings"].map { |finding| finding["key"] }
    fixes = send_json(:post, "/api/planning/fixes", {"workout" => document})["fixes"]
    expect(fixes.map { |fix| fix["finding"] }).to include("warm_up_missing").and(satisfy { |keys| (keys - found).empty? })
    mended = Hana::Patch.new(fixes.find { |fix| fix["finding"] == "warm_up_missing" }["patch"]).apply(JSON.parse(JSON.generate(document)))
    expect(send_json(:post, "/api/preview", {"workout" => mended})["findings"].map { |finding| finding["key"] }).not_to include("warm_up_missing")
    expect(Server::Records::Workout.count).to eq(0)
  end

  it "says no more of what the circuit leaves as it is, or the studio has no use for" do
    send_json(:put, "/api/house/rules", {"rule" => "cool_down_missing", "off" => true})
    left = document.merge("left_as_is" => ["warm_up_missing"])
    expect(send_json(:post, "/api/preview", {"workout" => left})["findings"].map { |finding| finding["rule"] } & %w[warm_up_missing cool_down_missing]).to eq([])
  end

  it "sums what each level's muscles and joints are given" do
    loads = send_json(:post, "/api/planning/loads", {"workout" => document})
    expect(loads.keys).to eq(%w[beginner intermediate advanced])
    expect(loads["advanced"]["muscles"]).not_to be_empty
    expect(loads["advanced"]["muscles"].keys - Sparrow::Catalogue::Variation::MUSCLES).to eq([])
  end

  it "keeps to a class's conditions in what it offers" do
    offered = send_json(:post, "/api/planning/conditions", {"conditions" => {"no_jumps" => true}})["movements"]
    expect(offered.map { |movement| movement["id"] }).to include("squat")
    send_json(:post, "/api/planning/conditions", {"conditions" => {"position" => "flying"}})
    expect([status, field_errors.keys]).to eq([422, ["/conditions/position"]])
  end

  it "suggests a warm-up and a cool-down" do
    %w[warm_up cool_down].each do |kind|
      answer = send_json(:post, "/api/planning/suggestion", {"workout" => document, "kind" => kind, "minutes" => 4})
      expect(answer["block"]["role"]).to eq(kind)
      expect(answer["reasons"].size).to eq(answer["block"]["stations"].size)
    end
  end

  it "changes a block's format, half typed or not" do
    answer = send_json(:post, "/api/planning/format", {"block" => document["blocks"].first.merge("work_s" => ""), "format" => "ladder"})
    expect(answer["block"]).to include("format" => "ladder", "set_aside" => a_hash_including("work_s" => ""))
    expect(answer["set_aside"]).to include("work_s", "switch_s")
    send_json(:post, "/api/planning/format", {"block" => {"format" => "pause"}, "format" => "ladder"})
    expect([status, field_errors.keys]).to eq([422, ["/block"]])
    send_json(:post, "/api/planning/format", {"block" => document["blocks"].first, "format" => "dance"})
    expect(field_errors.keys).to eq(["/format"])
  end

  it "points into the workout where it is not sound" do
    broken = workout_document(intervals(1, rounds: 0))
    %w[targets slot suggestion].each do |what|
      send_json(:post, "/api/planning/#{what}", {"workout" => broken, "minutes" => 30, "kind" => "warm_up"}.slice("workout", *{"slot" => ["minutes"], "suggestion" => %w[kind minutes]}[what]))
      expect([status, field_errors.keys]).to eq([422, ["/workout/blocks/0/rounds"]]), what
    end
    send_json(:post, "/api/planning/targets", {"workout" => []})
    expect([status, field_errors.keys]).to eq([422, ["/workout"]])
  end
end
