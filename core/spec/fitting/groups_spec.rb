# frozen_string_literal: true

RSpec.describe Sparrow::Fitting::Groups do
  let(:line) do
    stations = %w[squat push_up plank].each_with_index.map { |movement, index| station("s#{index}", movement: movement) }
    timeline_of(intervals(stations, rounds: 1, work_s: 30, flow: "rotate")).blocks.first
  end

  it "takes everybody in turn, so that groups differ by one person at most" do
    expect((0...8).map { |order| described_class.of(line, order) }).to eq([0, 1, 2, 0, 1, 2, 0, 1])
    expect(described_class.levels(line, (0...8).to_h { |turn| [turn, "beginner"] }).map { |levels| levels.values.sum }).to eq([3, 3, 2])
  end

  it "counts the levels inside each group, and groups that nobody is in" do
    expect(described_class.levels(line, {0 => "beginner", 1 => "advanced", 2 => "beginner", 3 => "beginner"})).to eq([{"beginner" => 2}, {"advanced" => 1}, {"beginner" => 1}])
    expect(described_class.levels(line, {1 => "advanced", 4 => "beginner"})).to eq([{}, {"advanced" => 1, "beginner" => 1}, {}])
    expect(described_class.levels(line, {})).to eq([{}, {}, {}])
  end
end
