# frozen_string_literal: true

RSpec.describe Sparrow::Capacity::Fatigue do
  let(:patterns) { Sparrow::Catalogue::Movement::PATTERNS }

  it "shares a set with related patterns, the same both ways, and a little with any other" do
    patterns.product(patterns) { |one, other| expect(described_class.share(one, other)).to eq(described_class.share(other, one)) }
    expect(described_class.share("squat", "squat")).to eq(1)
    expect(described_class.share("squat", "lunge")).to eq(0.6)
    expect([described_class.share("squat", "jump"), described_class.share("lunge", "jump")]).to eq([0.5, 0.5])
    expect(described_class.share("trunk_bracing", "push")).to eq(0.3)
    expect(described_class.share("trunk_flexion", "trunk_bracing")).to eq(0.5)
    expect([described_class.share("push", "squat"), described_class.share("stretch", "pull")]).to eq([0.05, 0.05])
  end

  it "leaves 20.0, 14.9, 12.2 and 10.9 of twenty, in sets of ten with a minute between them" do
    fatigue = described_class.new(%w[push])
    left = Array.new(4) do
      there = fatigue.left("push") * 20
      fatigue.work("push", 10 / 20.0, 0)
      fatigue.rest(60)
      there.round(1)
    end
    expect(left).to eq([20.0, 14.9, 12.2, 10.9])
  end

  it "never leaves less than nothing, however much was done" do
    fatigue = described_class.new(%w[push pull])
    5.times { fatigue.work("push", 3.0, 30) }
    expect(fatigue.left("push")).to eq(0)
    expect(fatigue.left("pull")).to be_between(0, 1)
  end

  it "recovers what is not worked, and not what is" do
    fatigue = described_class.new(%w[push pull])
    fatigue.work("push", 0.5, 0)
    before = fatigue.left("push")
    fatigue.work("push", 0, 60)
    expect(fatigue.left("push")).to eq(before)
    fatigue.work("pull", 0, 60)
    expect(fatigue.left("push")).to be > before
    fatigue.rest(0)
    expect(fatigue.left("push")).to be < 1
  end

  describe "what a set must leave" do
    it "is so many moves, or of what is measured by time a part of what is asked" do
      expect(Sparrow::Capacity::Forecast.least(2, 10, false)).to eq(2)
      expect(Sparrow::Capacity::Forecast.least(2, 40, true)).to eq(6)
      expect(Sparrow::Capacity::Forecast.least(0, 40, true)).to eq(0)
    end

    it "holds for a hold in the levels' own forecast" do
      plank = station("p", movement: "plank", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "plank.forearm", "hold_s" => 60}] })
      timeline = timeline_of(intervals([plank], work_s: 120, rest_s: 30, rounds: 3))
      lanes = Sparrow::Capacity::Lanes.new(timeline)
      take = timeline.workout.blocks.first.stations.first.at("intermediate")
      highest = lanes.highest(take, reserve: 2, below: 60)
      expect(highest).to be_between(1, 52)
      forecast = Sparrow::Capacity::Forecast.new(timeline, "intermediate")
      expect(forecast.leaves?(take, 2, {take => highest})).to be(true)
      expect(forecast.leaves?(take, 2, {take => highest + 1})).to be(false)
    end
  end

  it "is asked of a rung by the pattern that it tires" do
    kinds = %w[jumping_jack.step jumping_jack.half squat.jump push_up.floor].map { |id| Sparrow::Capacity::Load.kind(Sparrow::Catalogue.house.variation(id)) }
    expect(kinds).to eq(%w[gait jump squat push])
  end
end
