# frozen_string_literal: true

RSpec.describe Sparrow::Fitting::Ways do
  let(:three) { {"beginner" => {"variation" => "push_up.knees", "reps" => 5}, "intermediate" => {"variation" => "push_up.floor", "reps" => 8}, "advanced" => {"variation" => "push_up.feet_30", "reps" => 10}} }
  let(:push_ups) { intervals([station("p", movement: "push_up", levels: three)], work_s: 40, rest_s: 60, rounds: 2) }
  let(:strong) { {"push_up.floor" => 20} }

  def ways(somebody, block = push_ups)
    cell_of(somebody, block).ways.map(&:to_h)
  end

  it "are the whole ladder, the hardest first, and three that may stand in, each with what it would leave" do
    found = ways(person(level: "intermediate", measured: strong))
    own, other = found.partition { |way| way["own_ladder"] }
    expect(own.map { |way| way["variation"] }).to eq(Sparrow::Catalogue.house.movement("push_up").ladder.map(&:id).reverse)
    expect(other.size).to be_between(1, 3)
    floor = own.find { |way| way["variation"] == "push_up.floor" }
    expect(floor).to include("number" => 8, "unit" => "reps", "why" => nil, "spared" => false, "left" => be >= 2)
    expect(own.map { |way| way["left"] || Float::INFINITY }.first).to be < floor["left"]
  end

  it "say what bars one, and whether that is a limit" do
    barred = ways(person(level: "intermediate", measured: strong, limits: [limit("wrist", side: "right")])).select { |way| way["spared"] }
    expect(barred.map { |way| way["variation"] }).to include("push_up.floor")
    expect(barred.map { |way| way["why"] }).to all(include("wrist"))
  end

  it "leave what was done in a window that asks for as many as fit" do
    open = intervals([station("s", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.chair_tap", "reps" => nil}] })], work_s: 30)
    expect(ways(person(measured: {"squat.chair_tap" => 30}), open).find { |way| way["variation"] == "squat.chair_tap" }).to include("number" => nil, "left" => be_positive)
  end

  it "are none at a set of parts" do
    parts = station("c", movement: "push_up").merge("counting" => "compound", "parts" => [{"movement" => "high_knees", "reps" => 4}, {"movement" => "squat", "reps" => 4}], "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 3}] }).except("movement")
    expect(ways(person, intervals([parts]))).to eq([])
  end
end
