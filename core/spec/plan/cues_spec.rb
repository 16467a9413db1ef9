# frozen_string_literal: true

RSpec.describe Sparrow::Plan::Cues do
  def calls(*blocks, kinds: nil)
    cues = described_class.of(timeline_of(*blocks))
    cues = cues.select { |cue| kinds.include?(cue.kind) } if kinds
    cues.map { |cue| [cue.at_s, cue.text] }
  end

  it "says at the start of each rest what comes next, in its three versions" do
    expect(calls(intervals(2), kinds: %w[next])).to eq([
      [0, "Next: Glute bridge. Half bridge / Two-leg bridge / One-leg bridge"],
      [40, "Next: Glute bridge. Half bridge / Two-leg bridge / One-leg bridge"]
    ])
  end

  it "counts 3-2-1 to go, as far as the gap has room" do
    expect(calls(intervals(1, get_ready_s: 10), kinds: %w[countdown go]).first(2)).to eq([[7, "3-2-1"], [10, "Go: Glute bridge"]])
    expect(calls(intervals(1, get_ready_s: 2), kinds: %w[countdown go]).first).to eq([0, "2-1"])
    expect(calls(intervals(1), kinds: %w[countdown go]).first).to eq([0, "Go: Glute bridge"])
  end

  it "calls halfway in windows of 40 seconds and more" do
    expect(calls(intervals(1), kinds: %w[halfway])).to eq([[20, "Halfway"]])
    expect(calls(intervals(1, work_s: 39), kinds: %w[halfway])).to eq([])
  end

  it "calls the switch once for all, in place of halfway" do
    expect(calls(intervals([station("a", sides: "split")]), kinds: %w[switch halfway])).to eq([[20, "Switch sides"]])
    expect(calls(intervals([station("a", sides: "each")]), kinds: %w[switch])).to eq([[40, "Switch sides"]])
  end

  it "calls ten seconds" do
    expect(calls(intervals(1), kinds: %w[ten_seconds])).to eq([[30, "Ten seconds"]])
  end

  it "counts down to each level's own stop" do
    stops = {"beginner" => {"work_s" => 20}, "intermediate" => {"work_s" => 30}}
    cues = described_class.of(timeline_of(intervals([station("a", levels: stops)])))
    spoken = cues.select { |cue| %w[countdown stop].include?(cue.kind) }.map { |cue| [cue.at_s, cue.text, cue.levels] }
    expect(spoken).to eq([
      [17, "3-2-1", ["beginner"]], [20, "Beginner: stop", ["beginner"]],
      [27, "3-2-1", ["intermediate"]], [30, "Intermediate: stop", ["intermediate"]],
      [37, "3-2-1", ["advanced"]], [40, "Advanced: stop", ["advanced"]]
    ])
  end

  it "stops a staggered lane in each half of a split window" do
    stops = {"beginner" => {"work_s" => 20}}
    cues = described_class.of(timeline_of(intervals([station("a", sides: "split", levels: stops)])))
    expect(cues.select { |cue| cue.text == "Beginner: stop" }.map(&:at_s)).to eq([10, 30])
  end

  it "says which round it is, the last round and the last station" do
    expect(calls(intervals(2, rounds: 3), kinds: %w[round last_round last_station])).to eq([
      [0, "Round 1 of 3"], [100, "Round 2 of 3"], [220, "Last round"], [280, "Last station"]
    ])
  end

  it "offers a drink in a long rest between rounds and in a pause" do
    expect(calls(intervals(1, rounds: 2, round_rest_s: 60), pause(60), kinds: %w[drink])).to eq([[40, "Drink"], [140, "Drink"]])
    expect(calls(intervals(1, rounds: 2, round_rest_s: 20), pause(20), kinds: %w[drink])).to eq([])
  end

  it "spreads a form and a breathing reminder over a long window" do
    reminders = calls(intervals(1, work_s: 60), kinds: %w[form breathing])
    expect(reminders.map(&:first)).to eq([15, 45])
  end

  it "names each block as it opens, and the end" do
    all = calls(intervals(1, title: "Weir side"), pause(60, title: "Water"))
    expect(all).to include([0, "Weir side"], [40, "Water"])
    expect(all.last.first).to eq(100)
  end

  it "says nothing of a workout without time" do
    expect(described_class.of(timeline_of)).to eq([])
  end
end
