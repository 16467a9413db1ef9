# frozen_string_literal: true

RSpec.describe Sparrow::Running::Presence do
  def event(kind, at_ms, **keys)
    Sparrow::Running::Event.new(id: "e#{at_ms}", kind: kind, at_ms: at_ms, person_id: "dov", **keys)
  end

  let(:events) { [event("late", 3, at_s: 90), event("follows", 5, level: "advanced"), event("follows", 4, level: "beginner"), event("gone", 8, at_s: 300)] }

  it "knows who came late, left, and follows another level by now, in whatever order it was told" do
    there = described_class.new(events.shuffle)
    expect([there.late_s("dov"), there.gone_s("dov"), there.level("dov"), there.throughout?("dov")]).to eq([90, 300, "advanced", false])
    expect([there.level("kofi"), there.throughout?("kofi")]).to eq([nil, true])
  end

  it "leaves out what was taken back" do
    back = Sparrow::Running::Event.new(id: "b", kind: "taken_back", at_ms: 9, of: "e5")
    expect(described_class.new([*events, back]).level("dov")).to eq("beginner")
  end
end
