# frozen_string_literal: true

RSpec.describe Sparrow::Plan::Cues do
  def calls(*blocks, kinds: nil)
    cues = described_class.of(timeline_of(*blocks))
    cues = cues.select { |cue| kinds.include?(cue.kind) } if kinds
    cues.map { |cue| [cue.at_s, cue.text] }
  end

  it "says in each rest what comes next, in its three versions, and before the first as far as there is time" do
    expect(calls(intervals(2, get_ready_s: 10), kinds: %w[next])).to eq([
      [1, "Next: Glute bridge. Half bridge / Two-leg bridge / One-leg bridge"],
      [52, "Next: Glute bridge. Half bridge / Two-leg bridge / One-leg bridge"]
    ])
    expect(calls(intervals(1), kinds: %w[next])).to eq([])
  end

  it "says what comes next in the last ten seconds of the work where there is no rest, and calls the change" do
    spoken = calls(intervals([station("a", movement: "squat"), station("b", movement: "push_up")], rest_s: 0), kinds: %w[next change stop])
    expect(spoken).to eq([[32, "Next: Push-up. Knee push-up / Floor push-up / Push-up, feet on a step"], [40, "Change: Push-up"]])
  end

  it "says it in fewer words where the rest is short" do
    spoken = calls(intervals([station("a", movement: "squat"), station("b", movement: "push_up")], rest_s: 6, work_s: 15, rounds: 2), kinds: %w[next round last_round])
    expect(spoken).to eq([[16, "Next: Push-up"], [37, "Last round"], [38, "Next: Squat"], [59, "Next: Push-up"]])
  end

  it "calls each group's stop and switch where groups rotate, by its station" do
    stations = [station("a", movement: "squat", work_s: 30), station("b", movement: "side_plank", work_s: 60, sides: "split")]
    spoken = calls(intervals(stations, rest_s: 15, flow: "rotate"), kinds: %w[stop switch go finish])
    expect(spoken).to eq([[0, "Go"], [30, "Squat: stop. Side plank: switch sides"], [60, "Side plank: stop"], [75, "Go"], [105, "Squat: stop. Side plank: switch sides"],
      [135, "Side plank: stop. That is the class. Walk it off and drink."]])
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
      [37, "3-2-1", ["advanced"]]
    ])
    expect(cues.last).to have_attributes(at_s: 40, kind: "finish", text: "Advanced: stop. That is the class. Walk it off and drink.")
  end

  it "stops a staggered lane in each half of a split window" do
    stops = {"beginner" => {"work_s" => 20}}
    cues = described_class.of(timeline_of(intervals([station("a", sides: "split", levels: stops)])))
    expect(cues.select { |cue| cue.text == "Beginner: stop" }.map(&:at_s)).to eq([10, 30])
  end

  it "says which round it is, the last round and the last station" do
    expect(calls(intervals(2, rounds: 3), kinds: %w[round last_round last_station])).to eq([
      [101, "Round 2 of 3"], [221, "Last round"], [281, "Last station"]
    ])
  end

  it "offers a drink in a long rest between rounds and in a pause" do
    expect(calls(intervals(1, rounds: 2, round_rest_s: 60), pause(60), kinds: %w[drink])).to eq([[47, "Drink"], [142, "Drink"]])
    expect(calls(intervals(1, rounds: 2, round_rest_s: 20), pause(20), kinds: %w[drink])).to eq([])
  end

  it "spreads a form and a breathing reminder over a long window" do
    reminders = calls(intervals(1, work_s: 60), kinds: %w[form breathing])
    expect(reminders.map(&:first)).to eq([15, 45])
  end

  it "names each block as it opens, and the end" do
    all = calls(intervals(1, title: "Weir side", get_ready_s: 10), pause(60, title: "Water"))
    expect(all).to include([0, "Weir side"], [51, "Water"])
    expect(all.last.first).to eq(110)
  end

  it "says nothing of a workout without time" do
    expect(described_class.of(timeline_of)).to eq([])
  end
end
