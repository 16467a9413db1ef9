# frozen_string_literal: true

RSpec.describe Sparrow::Planning::Wording do
  def target(format, movement: "squat", station: {}, level: "advanced", **keys)
    levels = Sparrow::Catalogue.house.movement(movement).opening_prescriptions.transform_values { |input| input.except("reps").merge(keys.transform_keys(&:to_s)) }
    block = {"id" => "b", "role" => "main", "format" => format, "rounds" => 4, "stations" => [{"id" => "s", "movement" => movement, "levels" => levels, **station}]}
    block = block.except("rounds") if format == "quota"
    described_class.at(Sparrow::Plan.read(workout_document(block)).blocks.first.stations.first, level)
  end

  it "names a ladder's number in each round" do
    expect(target("ladder", station: {"ladder" => {"total" => 60, "shape" => "descending"}})).to eq("24, 18, 12, 6 reps")
  end

  it "adds the moves where a count is more than a move" do
    ladder = {"ladder" => {"total" => 20, "shape" => "flat"}, "counting" => "per_side"}
    expect(target("ladder", station: ladder)).to eq("5, 5, 5, 5 a side, 40 moves")
  end

  it "names a day's total from its minimum to its maximum, and once where they are one" do
    expect(target("quota", quota: {"min" => 30, "max" => 50})).to eq("30–50 in the day")
    expect(target("quota", quota: {"min" => 30, "max" => 30})).to eq("30 in the day")
  end

  it "gives the number alone as it would be typed" do
    numbers = [["squat", {"reps" => {"min" => 8, "max" => 12}}], ["plank", {"hold_s" => 30}], ["high_knees", {"work_s" => 40}]].map do |movement, keys|
      levels = Sparrow::Catalogue.house.movement(movement).opening_prescriptions.transform_values { |input| input.except("reps", "hold_s").merge(keys) }
      block = {"id" => "b", "role" => "main", "format" => "intervals", "work_s" => 40, "rest_s" => 20, "rounds" => 1, "stations" => [{"id" => "s", "movement" => movement, "levels" => levels}]}
      described_class.number(Sparrow::Plan.read(workout_document(block)).blocks.first.stations.first.at("advanced"))
    end
    expect(numbers).to eq(%w[8–12 30 40])
  end

  it "names a band of a hold" do
    expect(target("rounds", movement: "plank", hold_s: {"min" => 30, "max" => 45})).to eq("hold 30–45 s")
    expect(target("rounds", movement: "plank", hold_s: 30)).to eq("hold 30 s")
  end

  it "names both numbers of a compound" do
    levels = Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 8}] }
    parts = [{"movement" => "high_knees", "reps" => 4}, {"movement" => "mountain_climber", "reps" => 4}]
    station = Sparrow::Plan.read(workout_document(intervals([{"id" => "c", "counting" => "compound", "parts" => parts, "levels" => levels}]))).blocks.first.stations.first
    expect(described_class.at(station, "beginner")).to eq("8 cycles, 64 moves")
  end
end
