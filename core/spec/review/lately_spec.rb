# frozen_string_literal: true

RSpec.describe Sparrow::Review::Lately do
  let(:at) { Time.utc(2026, 11, 28, 18) }

  def class_of(*movements, rounds: 3)
    timeline_of(intervals(movements.each_with_index.map { |movement, index| station("s#{index}", movement: movement) }, work_s: 60, rounds: rounds))
  end

  def done(hours_before, *movements, level: "advanced", **keys)
    described_class::Done.new(at - hours_before * 3600, class_of(*movements, **keys), level)
  end

  subject(:lately) { described_class.new(class_of("push_up", "squat", "plank"), at: at) }

  it "finds what was worked hard less than 48 hours before, and is again" do
    expect(lately.too_soon("advanced", [done(47, "push_up", "squat")])).to eq(%w[push squat])
    expect(lately.too_soon("advanced", [done(48, "push_up", "squat")])).to eq([])
    expect(lately.too_soon("advanced", [done(24, "row")])).to eq([])
    expect(lately.too_soon("advanced", [done(24, "push_up", rounds: 2)])).to eq([])
  end

  it "looks at the level that was followed then, and at what comes before" do
    other = station("s0", movement: "push_up")
    other = other.merge("levels" => other["levels"].merge("beginner" => {"sits_out" => true}))
    before = timeline_of(intervals([other], work_s: 60, rounds: 3))
    expect(lately.too_soon("advanced", [described_class::Done.new(at - 3600, before, "beginner")])).to eq([])
    expect(lately.too_soon("advanced", [described_class::Done.new(at + 3600, before, "advanced")])).to eq([])
  end

  it "finds a week that comes to a fifth more than the one before it, and more" do
    week = 7 * 24
    expect(lately.rise("advanced", [done(week + 5, "push_up", "squat", "plank", "row", rounds: 3)])).to be_nil
    expect(lately.rise("advanced", [done(week + 5, "push_up", "squat", "plank", rounds: 4), done(30, "row", rounds: 6)])).to eq(Rational(900, 720))
    expect(lately.rise("advanced", [done(week + 5, "push_up", rounds: 3), done(30, "row")])).to be_nil # three minutes are no week
    expect(lately.rise("advanced", [])).to be_nil
  end
end
