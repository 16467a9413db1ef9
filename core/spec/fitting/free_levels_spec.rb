# frozen_string_literal: true

RSpec.describe "A fit where levels do different movements" do
  def mixed(levels)
    given = station("p", movement: "push_up")
    intervals([given.merge("levels" => given["levels"].merge(levels)), station("s", movement: "squat")], rounds: 2)
  end

  it "gives each the movement of the level whose rounds they follow" do
    people = %w[beginner advanced].map { |level| person(level, level: level) }
    sheet = fit(people, mixed("beginner" => {"variation" => "squat.chair_tap", "reps" => 6}))
    expect(people.map { |held| sheet.cells(held.id).first.option.variation.movement_id }).to eq(%w[squat push_up])
  end

  it "goes down the level's own ladder, and looks for what stands in for its own movement" do
    weak = person(level: "beginner", measured: {"squat.chair_sit" => 5})
    cell = cell_of(weak, mixed("beginner" => {"variation" => "squat.parallel", "reps" => 10}))
    expect(cell.option.variation.movement_id).to eq("squat")
    expect(cell.option.demand).to be < Sparrow::Catalogue.house.variation("squat.parallel").demand_value
    sore = cell_of(person(level: "beginner", limits: [limit("knee")]), mixed("beginner" => {"variation" => "squat.parallel", "reps" => 10}))
    expect([*sore.option&.joints]).not_to include("knee")
  end

  it "has who sits out by the plan do nothing, and does not ask the instructor to look" do
    cell = cell_of(person(level: "beginner"), mixed("beginner" => {"sits_out" => true}))
    expect([cell.option, cell.assigned.kind, cell.attention?, cell.standard?, cell.ways]).to eq([nil, "by_plan", false, true, []])
    expect(cell.reason).to eq("The plan has their level sit this one out.")
    expect(cell.to_h).to include("kind" => "by_plan", "variation" => nil)
  end

  it "tires nobody with what they do not do" do
    rested = cell_of(person(level: "beginner"), mixed("beginner" => {"sits_out" => true}), at: 1)
    worked = cell_of(person(level: "beginner"), mixed("beginner" => {"variation" => "squat.chair_tap", "reps" => 8}), at: 1)
    expect(rested.worst.left).to be > worked.worst.left
  end

  it "asks a level's parts as one count" do
    parts = [{"movement" => "high_knees", "reps" => 4}, {"movement" => "mountain_climber", "reps" => 4}]
    cell = cell_of(person(level: "beginner"), mixed("beginner" => {"parts" => parts, "reps" => 3}))
    expect([cell.option.variation, cell.option.variations.size, cell.to_h["name"]]).to eq([nil, 2, "High-knee march + Mountain climber"])
  end

  it "gives groups that rotate what is theirs at each station" do
    block = mixed("beginner" => {"sits_out" => true}).merge("flow" => "rotate")
    people = Array.new(4) { |index| person("p#{index}", level: "beginner") }
    sheet = fit(people, block)
    expect(people.map { |held| sheet.cells(held.id).map { |cell| cell.assigned.kind } }.uniq).to eq([%w[by_plan fits]])
    expect(people.map { |held| sheet.cells(held.id).last.outlooks.map(&:round) }.uniq).to eq([[1, 2]])
  end
end
