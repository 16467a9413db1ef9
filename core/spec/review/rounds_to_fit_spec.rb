# frozen_string_literal: true

RSpec.describe Sparrow::Review::RoundsToFit do
  def fix(*blocks, slot:)
    described_class.new(timeline_of(*blocks, slot_minutes: slot)).fix
  end

  # One round is 3 × 40 + 2 × 20 = 160 s, and 60 s lie between two.
  def main(rounds, **keys)
    intervals(3, rounds: rounds, round_rest_s: 60, title: "Lock side", **keys)
  end

  it "takes as few rounds away as bring the class into its slot" do
    expect(fix(main(5), slot: 10).label).to eq("3 rounds of Lock side: 10:00")
    expect(fix(main(5), slot: 16).label).to eq("4 rounds of Lock side: 13:40")
  end

  it "adds as many as still fit, two at most, and never beyond six" do
    expect(fix(main(1), slot: 20).label).to eq("3 rounds of Lock side: 10:00")
    expect(fix(main(1), slot: 9).label).to eq("2 rounds of Lock side: 6:20")
    expect(fix(main(6), slot: 60)).to be_nil
  end

  it "says one round in the singular, and names a block that has no title by its role" do
    expect(fix(main(3), slot: 5).label).to eq("1 round of Lock side: 2:40")
    expect(fix(main(3, title: ""), slot: 5).label).to eq("1 round of the main block: 2:40")
  end

  it "counts the other blocks in, and leaves warm-up and cool-down alone" do
    warm_up = intervals(3, rounds: 4, id: "w", role: "warm_up", title: "Warm-up")
    expect(fix(warm_up, main(5), slot: 20).label).to eq("2 rounds of Lock side: 18:00")
  end

  it "chooses the block that comes nearest from below" do
    finisher = intervals(1, rounds: 6, id: "f", role: "finisher", title: "Tow rope", rest_s: 5)
    expect(fix(main(3), finisher, slot: 14).label).to start_with("5 rounds of Tow rope")
  end

  it "knows a round's length from its rest where there is but one round" do
    expect(fix(intervals(3, rounds: 1, title: "Lock side"), slot: 7).label).to eq("2 rounds of Lock side: 5:40")
  end

  [{rounds_by_level: {"beginner" => 1}}, {escalate: true}].each do |keys|
    it "offers nothing where rounds differ: #{keys.keys.first}" do
      expect(fix(main(5, **keys), slot: 10)).to be_nil
    end
  end

  it "offers nothing where one round is too many" do
    expect(fix(main(1, work_s: 500), slot: 10)).to be_nil
  end
end
