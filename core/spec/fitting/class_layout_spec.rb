# frozen_string_literal: true

RSpec.describe Sparrow::Fitting::ClassLayout do
  def course(*blocks)
    described_class.new(timeline_of(*blocks))
  end

  it "knows each lane's visits in the order of time, turn by turn" do
    found = course(intervals([station("a", movement: "squat"), station("b", movement: "row")], rounds: 2, rounds_by_level: {"beginner" => 1}))
    expect(found.visits("advanced", 0).map { |visit| [visit.place, visit.round] }).to eq([[0, 1], [1, 1], [0, 2], [1, 2]])
    expect(found.visits("beginner", 0).map(&:place)).to eq([0, 1])
  end

  it "sends each group its own way where they rotate" do
    found = course(intervals([station("a", movement: "squat"), station("b", movement: "row"), station("c", movement: "plank")], rounds: 1, flow: "rotate"))
    orders = (0..3).map { |order| found.visits("advanced", order).map(&:place) }
    expect(orders).to eq([[0, 1, 2], [1, 2, 0], [2, 0, 1], [0, 1, 2]])
    expect(found.visits("advanced", 0)).to equal(found.visits("advanced", 3))
  end

  it "splits a total into its sets, with the rest between them" do
    chipper = {"id" => "c", "role" => "main", "format" => "chipper", "set_rest_s" => 25,
               "stations" => [station("a", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel", "reps" => 60, "splits" => [30, 20, 10]}] })]}
    visits = course(chipper).visits("advanced", 0)
    expect(visits.map(&:part)).to eq([Rational(1, 2), Rational(1, 3), Rational(1, 6)])
    expect(visits[1].time).to have_attributes(wait_fast: be_within(1e-9).of(Math.exp(-25 / 35.0)), wait_slow: be_within(1e-9).of(Math.exp(-25 / 400.0)))
  end

  it "finds a place by its block and station, and says what other ladders have instead, of the pattern first" do
    found = course(intervals([station("a", movement: "push_up")]))
    expect(found.place("main", "a").station.movement.id).to eq("push_up")
    expect(found.place("main", "z")).to be_nil
    stand_ins = found.stand_ins(0, "intermediate")
    expect(stand_ins.map(&:movement_id)).not_to include("push_up")
    expect(stand_ins.first.pattern).to eq("push")
    movement = Sparrow::Catalogue.house.movement("push_up")
    others = stand_ins.reject { |option| option.pattern == "push" }
    expect(others).to all(satisfy { |option| Sparrow::Catalogue::Alternatives.shares?(option, movement) })
    expect(stand_ins.map(&:demand_value).max).to be <= found.standard(0, "intermediate").demand
    expect(stand_ins.map(&:impact)).not_to include("high")
  end

  it "has a place for each level where rounds escalate from one to the next" do
    found = course(intervals([station("a", movement: "squat")], rounds: 3, escalate: true))
    expect(found.places.map(&:level)).to eq(Sparrow::Level::ALL)
    expect(found.visits("advanced", 0).map { |visit| [visit.place, visit.round] }).to eq([[0, 1], [1, 2], [2, 3]])
    expect(found.visits("beginner", 0).map(&:place)).to eq([0, 0, 0])
  end

  it "keeps warm-up and cool-down places too" do
    found = course({**intervals(1), "id" => "w", "role" => "warm_up"}, intervals(1), {**intervals(1), "id" => "c", "role" => "cool_down"})
    expect(found.places.map { |place| place.block.role }).to eq(%w[warm_up main cool_down])
  end
end
