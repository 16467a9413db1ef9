# frozen_string_literal: true

RSpec.describe Sparrow::Formats::Paced::Cut do
  # Ten bridges at two seconds each, begun at second 100.
  def visit(counted: 10, sets: nil, seconds: 20, reps: 10)
    levels = Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "glute_bridge.two_leg", "tempo" => "1-0-1-0", "reps" => reps}] }
    station = Sparrow::Plan.read(workout_document(intervals([{"id" => "s", "movement" => "glute_bridge", "levels" => levels}]))).blocks.first.stations.first
    Sparrow::Plan::Visit.new(station, 1, station.at("advanced"), counted, 100, seconds, sets)
  end

  it "leaves alone what was through in time" do
    whole = visit
    expect(described_class.visit(whole, 120, 15)).to equal(whole)
  end

  it "takes away what had not begun" do
    expect(described_class.visit(visit, 100, 15)).to be_nil
    expect(described_class.visit(visit, 40, 15)).to be_nil
  end

  it "counts whole reps only of a set that was begun" do
    expect(described_class.visit(visit, 107, 15)).to have_attributes(counted: 3, work_s: 7, start_s: 100)
    expect(described_class.visit(visit, 101, 15).counted).to eq(0)
  end

  it "counts sets that were through, and what was done of the next" do
    in_sets = visit(sets: [6, 4], seconds: 12 + 15 + 8)
    expect(described_class.visit(in_sets, 112, 15).counted).to eq(6)
    expect(described_class.visit(in_sets, 120, 15).counted).to eq(6)
    expect(described_class.visit(in_sets, 131, 15).counted).to eq(8)
  end

  it "counts nothing of what is held" do
    plank = Sparrow::Plan.read(workout_document(intervals([station("p", movement: "plank")]))).blocks.first.stations.first
    held = Sparrow::Plan::Visit.new(plank, 1, plank.at("advanced"), 0, 0, 60)
    expect(described_class.visit(held, 30, 0)).to have_attributes(counted: 0, work_s: 30)
  end
end
