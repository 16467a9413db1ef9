# frozen_string_literal: true

RSpec.describe Sparrow::Fitting::Cell do
  let(:three) { {"beginner" => {"variation" => "push_up.knees", "reps" => 5}, "intermediate" => {"variation" => "push_up.floor", "reps" => 8}, "advanced" => {"variation" => "push_up.feet_30", "reps" => 10}} }
  let(:push_ups) { intervals([station("p", movement: "push_up", levels: three)], work_s: 40, rest_s: 60, rounds: 2) }

  it "carries the mark of the level whose variation it is, else of the variation's own band" do
    expect(cell_of(person(level: "advanced", measured: {"push_up.floor" => 60}), push_ups).level).to eq("advanced")
    expect(cell_of(person(level: "advanced", measured: {"push_up.floor" => 12}), push_ups).level).to eq("intermediate")
    wall = cell_of(person(level: "beginner", measured: {"push_up.wall" => 14}), push_ups)
    expect([wall.option.variation.id, wall.level]).to eq(["push_up.wall", "beginner"])
  end

  it "reads in a hurry: a number, seconds, a dash" do
    plank = intervals([station("p", movement: "plank", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "plank.knees", "hold_s" => 20}] })], work_s: 40)
    march = intervals([station("m", movement: "high_knees")], work_s: 30)
    expect(cell_of(person(level: "advanced", measured: {"push_up.floor" => 60}), push_ups).short).to eq("10")
    expect(cell_of(person, plank).short).to eq("20 s")
    expect(cell_of(person, march).short).to eq("30 s")
    expect(cell_of(person(screening: "see_instructor"), march).short).to eq("–")
    open = intervals([station("s", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.chair_tap", "reps" => nil}] })], work_s: 30)
    expect(cell_of(person, open).short).to eq("as many")
  end

  it "says in words what is asked, a lowered time as a time and then rest" do
    expect(cell_of(person(level: "advanced", measured: {"push_up.floor" => 60}), push_ups).target).to eq("10 reps")
    long = intervals([station("m", movement: "high_knees")], work_s: 240, rounds: 3, rest_s: 5)
    lowered = cell_of(person(level: "beginner", measured: {"high_knees.quick_march" => 40}), long)
    expect(lowered.target).to match(/\A\d+ s, then rest\z/)
    expect(lowered.option.number % 5).to eq(0)
  end

  it "says whether it is just what the level is asked" do
    expect(cell_of(person(level: "intermediate", measured: {"push_up.floor" => 16}), push_ups)).to be_standard
    expect(cell_of(person(measured: {"push_up.floor" => 9}), push_ups)).not_to be_standard
  end

  it "carries their own level's mark where the levels are asked the same" do
    same = intervals([station("p", movement: "push_up", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "push_up.knees", "reps" => 5}] })], work_s: 40)
    cells = Sparrow::Level::ALL.map { |level| cell_of(person(level: level, measured: {"push_up.knees" => 9}), same) }
    expect(cells.map(&:level)).to eq(Sparrow::Level::ALL)
    expect(cells).to all(be_standard)
  end

  it "wants to be looked at where it is not a plain fit" do
    expect(cell_of(person(measured: {"push_up.floor" => 16}), push_ups)).not_to be_attention
    expect(cell_of(person(measured: {"push_up.wall" => 6}), push_ups)).to be_attention
    expect(cell_of(person(screening: "see_instructor"), push_ups)).to be_attention
  end

  it "names every variation that is ruled out, and by what" do
    ruled = cell_of(person(limits: [limit("knee", side: "left")], measured: {"push_up.floor" => 30}), push_ups).to_h["ruled_out"]
    expect(ruled).to eq("push_up.knees" => "spares: left knee")
  end

  it "shows nothing of rounds where nothing is given" do
    shown = cell_of(person(screening: "see_instructor"), push_ups).to_h
    expect(shown.keys).not_to include("rounds", "reserve")
    expect(shown).to include("number" => nil, "name" => nil, "level" => nil, "unit" => nil)
  end

  it "tells a ladder's rounds while it asks for all of them, and the cap where it does not" do
    laddered = {"id" => "main", "role" => "main", "format" => "ladder", "rounds" => 3, "stations" => [station("p", movement: "push_up", ladder: {"total" => 24, "shape" => "descending"},
      levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "push_up.floor", "reps" => nil}] })]}
    expect(cell_of(person(measured: {"push_up.floor" => 60}), laddered).target).to eq("12, 8, 4 reps")
  end
end
