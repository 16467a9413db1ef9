# frozen_string_literal: true

RSpec.describe Sparrow::Capacity::Benchmarks do
  it "has a test for each pattern that a class can take in ten minutes, at variations of that pattern" do
    expect(described_class.all.map(&:pattern)).to eq(%w[squat push pull trunk_bracing trunk_flexion gait balance_skill])
    described_class.all.each do |test|
      variations = test.variations.map { |id| Sparrow::Catalogue.house.variation(id) }
      expect(variations.map(&:pattern).uniq).to eq([test.pattern]), test.id
    end
  end

  it "refuses what is no test, no variation of it, or no number for it" do
    expect(described_class.validation_errors("arm_wrestling", "push_up.floor", 3).map(&:pointer)).to eq(["/test"])
    expect(described_class.validation_errors("push_ups", "squat.parallel", 999).map(&:message)).to eq(["is not a version of this test", "must be from 0 to 100 push-ups"])
    expect(described_class.validation_errors("push_ups", "push_up.floor", 0)).to eq([])
  end

  it "reads seconds from a step rate, between the points of its table" do
    steps = described_class.find("steps")
    expect([0, 60, 80, 100, 140, 240].map { |rate| described_class.seconds(steps, rate) }).to eq([0, 60, 105, 150, 300, 300])
  end

  it "takes a count against the clock for more than it is, a count to the end as it is" do
    expect(described_class.stands_for(described_class.find("sit_to_stand"), 12)).to eq(24)
    expect(described_class.stands_for(described_class.find("push_ups"), 12)).to eq(12)
    expect(described_class.stands_for(described_class.find("steps"), 100)).to eq(150)
  end

  it "is a circuit of ten minutes or so" do
    timeline = Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(described_class.circuit))
    expect(timeline.total_s).to be_between(480, 720)
    expect(timeline.workout.each_station.count).to eq(described_class.all.size)
  end
end
