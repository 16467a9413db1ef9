# frozen_string_literal: true

RSpec.describe Sparrow::Capacity::Lanes do
  def push_ups(reps, **keys)
    levels = Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "push_up.floor", "reps" => reps}] }
    timeline_of(intervals([{"id" => "s", "movement" => "push_up", "levels" => levels}], **keys))
  end

  def cell(timeline, level = "intermediate")
    timeline.workout.blocks.first.stations.first.at(level)
  end

  it "finds the round that leaves least, and how much" do
    timeline = push_ups(8, rounds: 3, work_s: 40, rest_s: 20)
    point = described_class.new(timeline).worst(cell(timeline))
    expect(point.round).to eq(3)
    expect(point.available).to be < 12
    expect(point.reserve).to be_within(1e-9).of(point.available - 8)
  end

  it "offers the highest number that leaves the reserve, and no higher one does" do
    timeline = push_ups(12, rounds: 3, work_s: 60, rest_s: 60)
    highest = described_class.new(timeline).highest(cell(timeline), reserve: 2, below: 12)
    expect(highest).to be_positive
    worst = [highest, highest + 1].map do |reps|
      other = push_ups(reps, rounds: 3, work_s: 60, rest_s: 60)
      described_class.new(other).worst(cell(other)).reserve
    end
    expect(worst.first).to be >= 2
    expect(worst.last).to be < 2
  end

  it "says nothing of what the profiles do not cover" do
    timeline = timeline_of(intervals([station("s", movement: "chest_stretch", sides: "split")]))
    expect(described_class.new(timeline).worst(cell(timeline))).to be_nil
  end

  it "takes a jump without impact for a march" do
    timeline = timeline_of(intervals([station("s", movement: "jumping_jack", levels: {"beginner" => {"reps" => 10}})]))
    expect(described_class.new(timeline).worst(cell(timeline, "beginner")).reserve).to be_positive
  end

  it "counts an open set as tiring and never as too much" do
    levels = Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "push_up.floor"}] }
    open = {"id" => "a", "movement" => "push_up", "levels" => levels}
    after = {"id" => "b", "movement" => "push_up", "levels" => levels.transform_values { |given| given.merge("reps" => 3) }}
    timeline = timeline_of(intervals([open, after], rest_s: 0))
    points = described_class.new(timeline).points("intermediate")
    expect(points.map { |point| point.station.id }).to eq(%w[b])
    expect(points.first.available).to be < 12
  end

  it "has sets for a day's total of anything, a hold too" do
    Sparrow::Catalogue.house.each do |movement|
      levels = movement.opening_prescriptions.transform_values { |given| given.except("reps").merge("quota" => {"min" => 20, "max" => 40}) }
      line = timeline_of({"id" => "q", "role" => "main", "format" => "quota", "stations" => [{"id" => "s", "movement" => movement.id, "levels" => levels}]}).blocks.first
      expect(line.forecast["beginner"].stations.first.sets.sum).to eq(40), movement.id
    end
  end

  it "splits a total into the fewest even sets that keep the reserve" do
    prescription = cell(push_ups(30))
    sets = Sparrow::Capacity::Sets.even(prescription, 30, rest_s: 20, reserve: 2)
    expect(sets.sum).to eq(30)
    expect(sets.max - sets.min).to be <= 1
    expect(sets.size).to be > 2
    expect(Sparrow::Capacity::Sets.comfortable(prescription, 40)).to all(be <= 7)
    expect(Sparrow::Capacity::Sets.comfortable(prescription, 40).sum).to eq(40)
  end
end
