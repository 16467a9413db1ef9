# frozen_string_literal: true

RSpec.describe Sparrow::Planning::Worked do
  def class_of(*movements, **keys)
    timeline_of(intervals(movements.each_with_index.map { |movement, index| station("s#{index}", movement: movement) }, work_s: 40, **keys))
  end

  it "adds up what each class gives each level" do
    one, other = class_of("push_up", "squat"), class_of("push_up", rounds: 2)
    found = described_class.of([one, other]).fetch("advanced")
    expect(found["pattern"]).to eq("push" => {"work_s" => 120, "moves" => 3 * one.workout.blocks.first.stations.first.at("advanced").moves}, "squat" => {"work_s" => 40, "moves" => 6})
    expect(found["muscles"]["chest"]).to eq(120)
    expect(found["joints"].values).to eq(found["joints"].values.sort.reverse)
  end

  it "is of one class what its own balance is, and of none nothing" do
    timeline = class_of("push_up", "squat")
    expect(described_class.of([timeline]).fetch("beginner").slice("plane")).to eq(Sparrow::Plan::Balance.new(timeline).to_h.fetch("beginner").slice("plane"))
    expect(described_class.of([]).fetch("beginner").values.uniq).to eq([{}])
  end
end
