# frozen_string_literal: true

RSpec.describe Sparrow::Plan::Sums do
  def segment(kind, seconds)
    Sparrow::Plan::Segment.new(kind, 0, seconds)
  end

  it "adds seconds by kind" do
    sums = described_class.of([segment("work", 40), segment("rest", 20), segment("work", 10)], [])
    expect([sums["work"], sums["rest"], sums["done"], sums.total_s]).to eq([50, 20, 0, 70])
  end

  it "adds up lanes of several blocks" do
    first = described_class.of([segment("work", 40)], [])
    second = described_class.of([segment("work", 5), segment("done", 35)], [])
    expect((first + second).seconds).to include("work" => 45, "done" => 35)
    expect(described_class.none + first).to eq(first)
  end

  it "counts what was asked at each visit" do
    station = station("s", movement: "squat", levels: {"beginner" => {"reps" => {"min" => 4, "max" => 6}}}, counting: "pair")
    sums = timeline_of(intervals([station], rounds: 3)).sums.fetch("beginner")
    expect([sums.reps_counted, sums.moves]).to eq([18, 36])
  end

  it "asks nothing of a lane in rounds that it does not go through" do
    timeline = timeline_of(intervals([station("s", movement: "squat")], rounds: 3, rounds_by_level: {"beginner" => 1}))
    expect(timeline.sums.fetch("beginner").reps_counted).to eq(8)
    expect(timeline.sums.fetch("intermediate").reps_counted).to eq(30)
  end

  it "asks the level that is taken where rounds get harder" do
    timeline = timeline_of(intervals([station("s", movement: "squat")], rounds: 3, escalate: true))
    expect(timeline.sums.transform_values(&:reps_counted)).to eq("beginner" => 24, "intermediate" => 28, "advanced" => 24)
  end

  it "knows no kind that it has not been told of" do
    expect { described_class.none["sleep"] }.to raise_error(KeyError)
  end
end
