# frozen_string_literal: true

RSpec.describe "The partner format" do
  # A bridge at a typed tempo of two seconds a move: reps are seconds halved.
  def sets(id, reps, **keys)
    levels = Sparrow::Level::ALL.zip(reps).to_h { |level, count| [level, {"variation" => "glute_bridge.two_leg", "tempo" => "1-0-1-0", "reps" => count, **keys}] }
    {"id" => id, "movement" => "glute_bridge", "levels" => levels}
  end

  def block(stations, **keys)
    {"id" => "b", "role" => "main", "format" => "partner", "stations" => stations, **keys.transform_keys(&:to_s)}
  end

  def line(...)
    timeline_of(block(...)).blocks.first
  end

  def kinds(line, level)
    line.lanes.fetch(level).map { |segment| [segment.kind, segment.seconds] }
  end

  # The calls of a class of this block alone.
  def called(line)
    Sparrow::Plan::Cues.of(Sparrow::Plan::Timeline.new(workout: nil, blocks: [line], total_s: line.total_s)).map { |cue| [cue.at_s, cue.kind, cue.text] }
  end

  # Seconds and reps of the second partner, from the turns alone.
  def second_partner(line, level)
    stops = line.groups.last.stops
    {work_s: stops.sum { |stop| stop.station.at(level).stop_s }, reps: stops.sum { |stop| stop.station.at(level).reps_counted }}
  end

  describe "by the clock" do
    let(:laid) { line([sets("a", [5, 8, 10]), sets("c", [5, 8, 10])], rounds: 2, turns: 2, work_s: 30, switch_s: 5, rest_s: 20, round_rest_s: 60) }

    it "lets one work while the other rests, with the change over between" do
      expect(kinds(laid, "advanced").first(8)).to eq([["work", 30], ["transition", 5], ["rest", 30], ["transition", 5], ["work", 30], ["transition", 5], ["rest", 30], ["rest", 20]])
    end

    it "says stop and go as one word where there is no time between two turns" do
      at_change = ->(switch_s) { called(line([sets("a", [5, 8, 10])], rounds: 1, turns: 1, work_s: 30, switch_s: switch_s)).select { |at_s, _, _| at_s == 30 }.map { |_, kind, _| kind } }
      expect([at_change.call(0), at_change.call(5)]).to eq([["change"], ["stop"]])
    end

    it "takes two turns each, the changes and the rests to the second" do
      # A station is 4 turns of 30 s and 3 changes of 5 s; between the four come rests of 20, 60 and 20 s.
      expect(laid.total_s).to eq(4 * (4 * 30 + 3 * 5) + 20 + 60 + 20)
    end

    it "gives both partners the same work, rest and counts" do
      sums = laid.sums.fetch("advanced")
      expect([sums["work"], sums.reps_counted]).to eq([4 * 2 * 30, 4 * 2 * 10])
      expect(second_partner(laid, "advanced")).to eq(work_s: sums["work"], reps: sums.reps_counted)
      expect(sums["rest"]).to eq(4 * 2 * 30 + 20 + 60 + 20)
      expect(sums["work"] + sums["rest"] + sums["transition"]).to eq(laid.total_s)
    end

    it "never has both at work at one moment" do
      first, second = laid.groups.map { |group| group.stops.map { |stop| stop.start_s...(stop.start_s + stop.seconds) } }
      expect(first.product(second).select { |one, other| one.begin < other.end && other.begin < one.end }).to eq([])
      expect(laid.groups.map(&:label)).to eq(["First partner", "Second partner"])
    end

    it "stops a level at its own time, and lets it wait for the turn to end" do
      staggered = line([sets("a", [5, 8, 10]).tap { |station| station["levels"]["beginner"]["work_s"] = 20 }], rounds: 1, turns: 1, work_s: 30)
      expect(kinds(staggered, "beginner")).to eq([["work", 20], ["waiting", 10], ["rest", 30]])
      expect(second_partner(staggered, "beginner")[:work_s]).to eq(20)
    end

    it "calls who begins, each change and each level's own stop" do
      staggered = line([sets("a", [5, 8, 10]).tap { |station| station["levels"]["beginner"]["work_s"] = 20 }], rounds: 1, turns: 1, work_s: 30)
      expect(called(staggered).reject { |_, kind, _| kind == "form" || kind == "breathing" }).to eq([
        [0, "go", "First partner: go"], [17, "countdown", "3-2-1"], [20, "stop", "Beginner: stop"], [27, "countdown", "3-2-1"], [30, "change", "Change: Second partner"],
        [47, "countdown", "3-2-1"], [50, "stop", "Beginner: stop"], [57, "countdown", "3-2-1"], [60, "finish", "Stop. That is the class. Walk it off and drink."]
      ])
    end
  end

  it "counts down to who begins where there is time for it, and not in a turn of one second" do
    ready = line([sets("a", [5, 8, 10]), sets("c", [5, 8, 10])], rounds: 1, turns: 1, work_s: 30, rest_s: 20, get_ready_s: 10)
    texts = called(ready).map { |at_s, kind, _| [at_s, kind] }
    expect(texts).to include([7, "countdown"], [10, "go"])
    expect(texts).to include([ready.windows[2].start_s - 3, "countdown"])
  end

  it "is called as other blocks at the people's own pace are, where the set decides" do
    paced = line([sets("a", [5, 8, 10])], rounds: 1, turns: 1, change: "set")
    expect(called(paced).map { |_, kind, text| [kind, text] }).to eq([["go", "Go"], ["finish", "That is the class. Walk it off and drink."]])
  end

  describe "when the set is done" do
    let(:laid) { line([sets("a", [5, 8, 10])], rounds: 1, turns: 2, change: "set", switch_s: 3) }

    it "gives each level the rest that its partner's set takes" do
      expect(kinds(laid, "beginner")).to eq([["work", 10], ["transition", 3], ["rest", 10], ["transition", 3], ["work", 10], ["transition", 3], ["rest", 10], ["waiting", 40]])
      expect(kinds(laid, "advanced").map(&:first)).not_to include("waiting")
      expect(laid.forecast.transform_values(&:finish_s)).to eq("beginner" => 49, "intermediate" => 73, "advanced" => 89)
    end

    it "is paced by the people, and counts every set" do
      expect([laid.block.paced?, laid.block.timed?, laid.groups]).to eq([true, false, nil])
      expect(laid.sums.fetch("intermediate").reps_counted).to eq(16)
      expect(laid.sums.fetch("intermediate")["work"]).to eq(laid.sums.fetch("intermediate")["rest"])
    end
  end

  it "needs no more than its rounds: two turns of half a minute each, by the clock" do
    laid = line([sets("a", [5, 8, 10])], rounds: 1)
    expect([laid.total_s, laid.block.own]).to eq([120, {"turns" => 2, "change" => "clock"}])
  end

  it "refuses what it cannot lay out, and names the key" do
    expect(refusal_of(workout_document(block([sets("a", [5, 8, 10])], rounds: 1, turns: 0, change: "whistle")))).to eq(
      "/blocks/0/turns" => "must be a whole number from 1 to 20", "/blocks/0/change" => "must be one of clock, set"
    )
  end

  it "fits both partners, the second in their own turns" do
    timeline = timeline_of(block([sets("a", [5, 8, 10]), sets("c", [5, 8, 10])], rounds: 1, turns: 2, work_s: 30))
    course = Sparrow::Fitting::ClassLayout.new(timeline)
    expect([0, 1].map { |order| course.visits("advanced", order).map { |visit| [visit.place, visit.work_s] } }.uniq).to eq([[[0, 30], [0, 30], [1, 30], [1, 30]]])
  end
end
