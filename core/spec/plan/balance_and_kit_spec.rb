# frozen_string_literal: true

RSpec.describe "What a circuit comes to" do
  it "is balanced per level in seconds and moves, warm-up and cool-down left out" do
    warm_up = intervals([station("w", movement: "squat")], id: "w", role: "warm_up")
    timeline = timeline_of(warm_up, intervals([station("a", movement: "squat", levels: {"beginner" => {"reps" => 5}}), station("b", movement: "side_plank", sides: "split")], rounds: 2))
    balance = Sparrow::Plan::Balance.new(timeline).to_h
    expect(balance["beginner"]["pattern"]).to eq("squat" => {"work_s" => 80, "moves" => 10}, "lateral_trunk" => {"work_s" => 80, "moves" => 0})
    expect(balance["beginner"]["plane"].transform_values { |sum| sum["work_s"] }).to eq("sagittal" => 80, "frontal" => 80)
    %w[pattern plane position impact].each do |by|
      expect(balance["advanced"][by].values.sum { |sum| sum["work_s"] }).to eq(160)
    end
  end

  it "gives a compound's seconds to its parts" do
    levels = Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 2}] }
    compound = {"id" => "c", "counting" => "compound", "parts" => [{"movement" => "squat", "reps" => 1}, {"movement" => "push_up", "reps" => 3}], "levels" => levels}
    pattern = Sparrow::Plan::Balance.new(timeline_of(intervals([compound]))).to_h["advanced"]["pattern"]
    expect(pattern).to eq("push" => {"work_s" => 30, "moves" => 6}, "squat" => {"work_s" => 10, "moves" => 2})
  end

  it "needs a piece of kit for each in one flow, and for a group's size in the other" do
    workout = Sparrow::Plan.read(workout_document(intervals([station("a", movement: "step_up"), station("b", movement: "plank"), station("c", movement: "squat")]), head_count: 14))
    step = Sparrow::Plan::Kit.new(workout).of(workout.blocks.first).find { |piece| piece["equipment"] == "step" }
    expect(step).to eq("equipment" => "step", "stations" => ["a"], "together" => 14, "rotate" => 5)
  end

  it "is told with both numbers, what the set leaves, and the number that fits" do
    lunges = station("s", movement: "one_leg_squat", sides: "split", levels: {"intermediate" => {"variation" => "one_leg_squat.chair_sit", "reps" => 2}})
    cell = Sparrow::Preview.new(workout_document(intervals([lunges], work_s: 60))).to_h["blocks"].first["stations"].first["levels"]["intermediate"]
    expect(cell).to include("target" => "2 a side, 4 moves", "reps_counted" => 2, "moves" => 4, "fits" => 10, "offer" => 10, "set_s" => 12, "left_s" => 48)
  end
end
