# frozen_string_literal: true

RSpec.describe Sparrow::Preview do
  let(:document) { workout_document(intervals(2, rounds: 2, round_rest_s: 30, get_ready_s: 10), pause) }
  let(:answer) { described_class.new(document).to_h }

  it "answers the totals of the class, its blocks and its lanes" do
    expect(answer["total_s"]).to eq(10 + 40 * 4 + 20 * 2 + 30 + 60)
    expect(answer["blocks"].map { |block| block["total_s"] }).to eq([240, 60])
    expect(answer["lanes"]["beginner"]).to include("ready_s" => 10, "work_s" => 160, "rest_s" => 70, "pause_s" => 60, "total_s" => 300)
  end

  it "leaves empty keys out of segments and calls" do
    parts = answer["blocks"].flat_map { |block| block["lanes"].values.flat_map { |lane| lane["segments"] } } + answer["cues"]
    expect(parts.flat_map(&:values)).not_to include(nil)
  end

  it "shows each station's target, both its numbers, and what would fit" do
    cell = answer["blocks"][0]["stations"][0]["levels"]["advanced"]
    expect(cell).to include("reps_counted" => 4, "moves" => 8, "window_s" => 40, "fits" => 5, "target" => "4 a side, 8 moves")
  end

  it "is plain JSON" do
    expect(JSON.parse(JSON.generate(answer))).to eq(answer)
  end

  it "calls a workout ready when nothing stops it" do
    expect(answer["ready"]).to be(true)
    expect(described_class.new(workout_document).to_h["ready"]).to be(false)
  end

  it "has people waited for at a gate, unless the clock ends the block there" do
    waits = lambda do |**keys|
      block = {"id" => "b", "role" => "main", "format" => "rounds", "rounds" => 2, "stations" => [station("a")], **keys.transform_keys(&:to_s)}
      described_class.new(workout_document(block)).to_h["blocks"].first["gates"].map { |gate| gate["waits"] }
    end
    expect(waits.call).to eq([true, true])
    expect(waits.call(cap_s: 3600)).to eq([true, true])
    expect(waits.call(cap_s: 40)).to eq([true, false])
  end

  it "shows a level's own tempo and load, and nothing where none was typed" do
    plan = workout_document(intervals([station("s", movement: "squat", levels: {"advanced" => {"tempo" => "3-1-1-0", "load_kg" => 7.5}})]))
    cells = described_class.new(plan).to_h["blocks"][0]["stations"][0]["levels"]
    expect(cells["advanced"]).to include("tempo" => "3-1-1-0", "load_kg" => 7.5)
    expect(cells["beginner"].keys).not_to include("tempo", "load_kg")
  end
end
