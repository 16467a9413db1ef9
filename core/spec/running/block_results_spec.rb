# frozen_string_literal: true

RSpec.describe Sparrow::Running::BlockResults do
  def tap(at_s = nil, **keys)
    Sparrow::Running::Event.new(id: SecureRandom.uuid, kind: "tapped", at_ms: (at_s || 0) * 1000, at_s: at_s, block: "b", level: "beginner", amount: 1, **keys)
  end

  def block(format, **keys)
    {"id" => "b", "role" => "main", "format" => format, "stations" => [station("s", movement: "squat")], **keys.transform_keys(&:to_s)}
  end

  def of(plan, taps, level: "beginner", person: nil)
    described_class.new(timeline_of(pause(60), plan), taps).of(level, person)
  end

  it "counts the rounds of as many as possible, for a level and for who follows it" do
    taps = [tap(70), tap(90), tap(95, level: "advanced")]
    expect(of(block("amrap", cap_s: 300), taps, person: "kofi")).to eq([{"block" => "b", "rounds" => 2}])
  end

  it "takes a person's own taps before their level's" do
    expect(of(block("amrap", cap_s: 300), [tap(70), tap(90, person_id: "kofi", amount: 3)], person: "kofi")).to eq([{"block" => "b", "rounds" => 3}])
  end

  it "gives the second at which a level was through with its rounds, from the block's start" do
    plan = block("rounds", rounds: 2, get_ready_s: 10)
    expect(of(plan, [tap(101)])).to eq([])
    expect(of(plan, [tap(101), tap(133.4)])).to eq([{"block" => "b", "finish_s" => 63}])
  end

  it "counts the reps of totals: what nobody tapped, where others were, was not done" do
    plan = block("chipper", stations: [station("s", movement: "squat"), station("p", movement: "push_up")])
    taps = [tap(100, station: "s", amount: 7), tap(120, station: "p", amount: 5, person_id: "kofi")]
    results = described_class.new(timeline_of(pause(60), plan), taps)
    expect(%w[beginner intermediate].map { |level| results.reps(level, "dov") }).to eq([{%w[b s] => 7, %w[b p] => 0}, {}])
    expect(results.reps("beginner", "kofi")).to eq(%w[b s] => 0, %w[b p] => 5)
  end

  it "gives the second at which all totals were done" do
    plan = block("chipper", stations: [station("s", movement: "squat", levels: {"beginner" => {"reps" => 20}})])
    expect(of(plan, [tap(100, station: "s", amount: 12), tap(140, station: "s", amount: 8)])).to eq([{"block" => "b", "finish_s" => 80}])
    expect(of(plan, [tap(100, station: "s", amount: 12)])).to eq([])
  end
end
