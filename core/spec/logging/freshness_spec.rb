# frozen_string_literal: true

RSpec.describe Sparrow::Logging::Freshness do
  let(:block) { intervals([station("p", movement: "push_up", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "push_up.floor", "reps" => 8}] }), station("w", movement: "wood_chop")], rounds: 3, work_s: 40, rest_s: 30) }
  let(:house) { Sparrow::Capacity::Profile.of_level("intermediate") }

  def result(station = "p", **keys)
    Sparrow::Logging::Result.new(block: "main", station: station, level: "intermediate", variation: "push_up.floor", skipped: false, planned: false, **keys)
  end

  def shares(*results, profile: house, held: block)
    described_class.new(timeline_of(held)).of(results, "intermediate", profile)
  end

  it "turns what was left in the last round back to what is there fresh" do
    truth = house.with(strengths: house.strengths.merge("push" => 1.2).freeze)
    course = Sparrow::Fitting::ClassLayout.new(timeline_of(block))
    forecast = Sparrow::Fitting::PersonForecast.new(course, course.visits("intermediate", 0), truth)
    course.places.each { |place| forecast.give(place.index, course.standard(place.index, "intermediate")) }
    left = forecast.outlooks(0, course.standard(0, "intermediate")).last.left
    share, = shares(result(reps: 8, least: 8, reps_left: left.round), result("w", variation: "wood_chop.standing", reps: 10))
    expect((8 + left.round) / share).to be_within(1).of(truth.moves("push", 0.64))
  end

  it "is whole before the first set, and says nothing where the model does not, or nothing was done" do
    once = block.merge("rounds" => 1)
    expect(shares(result(reps: 8), held: once)).to eq([1.0])
    expect(shares(result(skipped: true), result("w", variation: "wood_chop.standing", reps: 10), result("gone", reps: 3), result(variation: "own_gone.variation", reps: 3))).to eq([nil, nil, nil, nil])
  end

  it "goes by seconds where a version is held, and says nothing of a set of parts or of what has no number" do
    held = intervals([station("h", movement: "plank", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "plank.forearm", "hold_s" => 30}] }),
      {"id" => "c", "counting" => "compound", "parts" => [{"movement" => "high_knees", "reps" => 4}, {"movement" => "squat", "reps" => 2}], "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 3}] }}], rounds: 3, rest_s: 10)
    found = shares(result("h", variation: "plank.forearm", seconds: 30), result("c", variation: nil, reps: 3), result("c", variation: nil), held: held)
    expect(found).to match([be_between(0.2, 0.99), nil, nil])
    expect(shares(result(variation: "push_up.floor"), held: block)).to match([be_between(0.2, 1.0)])
    weak = house.with(strengths: house.strengths.merge("push" => 0.1).freeze)
    expect(shares(result(reps: 1), profile: weak, held: block.merge("rounds" => 1))).to eq([nil])
  end

  it "falls with every round, and never below a fifth" do
    tired = shares(result(reps: 30), held: block.merge("rounds" => 10, "rest_s" => 5)).first
    expect([shares(result(reps: 8)).first, tired]).to match([be_between(0.5, 0.95), be < shares(result(reps: 8)).first])
  end

  it "is that of the last round that was done, where the class ended early" do
    one, three, all = [1, 3, nil].map { |rounds| shares(result(reps: 8, reps_left: 2, rounds: rounds)).first }
    expect([one, three]).to eq([1.0, all])
    expect(all).to be < 0.95
  end
end
