# frozen_string_literal: true

RSpec.describe "The calls of a paced block" do
  def calls(format, **keys)
    block = {"id" => "b", "role" => "main", "format" => format, "title" => "Locks", "stations" => [station("a"), station("b", movement: "squat")], **keys.transform_keys(&:to_s)}
    Sparrow::Plan::Cues.of(timeline_of(block)).map { |cue| [cue.kind, cue.text] }
  end

  it "name the stations and the round at each gate, and count in" do
    spoken = calls("rounds", rounds: 2, get_ready_s: 10)
    expect(spoken).to include(["round", "Round 1 of 2"], ["last_round", "Last round"], ["next", "Next: Glute bridge, Squat"], ["countdown", "3-2-1"], ["go", "Go"])
    expect(spoken.map(&:first)).not_to include("stop", "halfway")
  end

  it "call each level's own end of a hold, where all begin together" do
    holds = station("p", movement: "plank", levels: {"beginner" => {"reps" => nil, "hold_s" => 20}, "intermediate" => {"reps" => nil, "hold_s" => 30}, "advanced" => {"reps" => nil, "hold_s" => 40}})
    block = {"id" => "b", "role" => "main", "format" => "rounds", "rounds" => 1, "gate" => "station", "get_ready_s" => 5, "stations" => [holds, station("s", movement: "squat")]}
    spoken = Sparrow::Plan::Cues.of(timeline_of(block)).select { |cue| %w[stop countdown].include?(cue.kind) && cue.at_s > 5 }.first(6).map { |cue| [cue.at_s, cue.text, cue.levels] }
    expect(spoken).to eq([[22, "3-2-1", ["beginner"]], [25, "Beginner: stop", ["beginner"]], [32, "3-2-1", ["intermediate"]], [35, "Intermediate: stop", ["intermediate"]],
      [42, "3-2-1", ["advanced"]], [45, "Advanced: stop", ["advanced"]]])
  end

  it "call one end for all where they hold alike, and none after the cap" do
    same = Sparrow::Level::ALL.to_h { |level| [level, {"reps" => nil, "hold_s" => 30}] }
    held = ->(**keys) { {"id" => "b", "role" => "main", "format" => "rounds", "rounds" => 2, "gate" => "station", "stations" => [station("p", movement: "plank", levels: same)], **keys.transform_keys(&:to_s)} }
    stops = ->(block) { Sparrow::Plan::Cues.of(timeline_of(block)).select { |cue| cue.kind == "stop" }.map { |cue| [cue.at_s, cue.text, cue.levels] } }
    expect(stops.call(held.call).first).to eq([30, "Stop", nil])
    expect(stops.call(held.call(cap_s: 20))).to eq([])
  end

  it "call for a drink in a long rest between rounds" do
    expect(calls("rounds", rounds: 2, round_rest_s: 60)).to include(["drink", "Drink"])
  end

  it "call halfway, the last minute, ten seconds and time where a cap ends it" do
    expect(calls("amrap", cap_s: 240).map(&:first)).to include("halfway", "last_minute", "ten_seconds", "countdown", "finish")
    expect(calls("amrap", cap_s: 240).last.last).to eq("Time. That is the class. Walk it off and drink.")
    expect(calls("amrap", cap_s: 240, get_ready_s: 15).assoc("next").last).to match(/As many rounds as you can/)
    expect(calls("rounds", rounds: 1, cap_s: 3600).map(&:first)).not_to include("stop")
  end

  it "count in the next start every minute, and stop once, at the end" do
    spoken = calls("every_minute", rounds: 2)
    expect(spoken.count { |kind, _| kind == "countdown" }).to eq(4)
    expect(spoken.count { |_, text| text.start_with?("Stop") }).to eq(1)
  end

  it "send groups on together" do
    expect(calls("intervals", work_s: 30, rest_s: 10, rounds: 1, flow: "rotate")).to include(["next", "Next: everybody moves on to the next station"])
  end
end
