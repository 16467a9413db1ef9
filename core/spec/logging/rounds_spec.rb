# frozen_string_literal: true

# A log says how many rounds of each station were done, in every format.
RSpec.describe Sparrow::Logging::Sheet do
  # As a run says it: what was passed of the plan until it ended, so many seconds in.
  def reached(timeline, end_s)
    started, ended = [["started", 0], ["ended", end_s]].map { |kind, at_s| Sparrow::Running::Event.new(id: SecureRandom.uuid, kind: kind, at_ms: at_s * 1000) }
    Sparrow::Running::Reached.new(timeline, Sparrow::Running::Clock.new([started, ended]), now_ms: 10_000_000)
  end

  # @return [Hash{String => Array}] per station what an advanced person did: reps, rounds, the number of each round
  def logged(block, end_s = nil, level: "advanced")
    timeline = timeline_of({"id" => "m", "role" => "main", **block})
    results = described_class.new(timeline.workout).results(level, [], reached: end_s && reached(timeline, end_s))
    results.to_h { |result| [result.station, [result.reps, result.rounds, result.per_round]] }
  end

  def both(**keys)
    [%w[a squat], %w[b push_up]].map { |id, movement| station(id, movement: movement, levels: Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 8}] }, **keys) }
  end

  def ladder
    both.map { |held| held.merge("ladder" => {"total" => 24, "shape" => "descending", "step" => 1}, "levels" => held["levels"].transform_values { |level| level.except("reps") }) }
  end

  # Each block: what is there of it at its end, and what is there where the class ends at a second of it.
  {
    # Each minute a set: a, b, a, b …; in the fifth minute a's third set is done.
    "every_minute" => [{"rounds" => 4}, {"a" => [8, 4, nil], "b" => [8, 4, nil]}, 280, {"a" => [8, 3, nil], "b" => [8, 2, nil]}],
    # The first partner works at 0, the second at 35; b at 85; round two from 170.
    "partner" => [{"rounds" => 2, "turns" => 1, "work_s" => 30, "switch_s" => 5, "rest_s" => 20}, {"a" => [8, 2, nil], "b" => [8, 2, nil]}, 200, {"a" => [8, 2, nil], "b" => [8, 1, nil]}],
    "intervals" => [{"rounds" => 2, "work_s" => 40, "rest_s" => 20}, {"a" => [8, 2, nil], "b" => [8, 2, nil]}, 150, {"a" => [8, 2, nil], "b" => [8, 1, nil]}],
    "amrap" => [{"cap_s" => 240}, {"a" => [8, nil, nil], "b" => [8, nil, nil]}, 20, {"a" => [8, nil, nil]}],
    "chipper" => [{}, {"a" => [8, 1, nil], "b" => [8, 1, nil]}, 20, {"a" => [8, 1, nil]}]
  }.each do |format, (keys, whole, end_s, part)|
    it "says it of #{format}, whole and cut off" do
      block = {"format" => format, "stations" => both, **keys}
      expect(logged(block)).to eq(whole)
      expect(logged(block, end_s)).to eq(part)
    end
  end

  it "says the number of each round of a ladder, as far as it was climbed" do
    block = {"format" => "ladder", "rounds" => 3, "stations" => ladder}
    expect(logged(block)).to eq("a" => [4, 3, [12, 8, 4]], "b" => [4, 3, [12, 8, 4]])
    second = timeline_of({"id" => "m", "role" => "main", **block}).blocks.first.visits.fetch("advanced")[2]
    expect(logged(block, second.start_s + second.work_s)).to eq("a" => [8, 2, [12, 8]], "b" => [12, 1, [12]])
  end

  it "counts a level's own rounds, and of a day's total none" do
    expect(logged({"format" => "intervals", "rounds" => 3, "rounds_by_level" => {"beginner" => 1}, "work_s" => 40, "rest_s" => 20, "stations" => both}, level: "beginner")).to eq("a" => [8, 1, nil], "b" => [8, 1, nil])
    day = both.map { |held| held.merge("levels" => held["levels"].transform_values { |level| level.except("reps").merge("quota" => {"min" => 20, "max" => 40}) }) }
    expect(logged({"format" => "quota", "stations" => day}).values.map { |_, rounds, _| rounds }).to eq([nil, nil])
  end

  it "does not count a round that was left out between" do
    timeline = timeline_of(intervals(1, rounds: 3, rest_s: 20))
    events = [["started", 0, {}], ["moved", 45, {at_s: 115.0}]].map { |kind, at_s, keys| Sparrow::Running::Event.new(id: SecureRandom.uuid, kind: kind, at_ms: at_s * 1000, **keys) }
    left_out = Sparrow::Running::Reached.new(timeline, Sparrow::Running::Clock.new(events), now_ms: 10_000_000)
    expect(left_out.rounds("main", "s1", "advanced")).to eq([1, 3])
    expect(described_class.new(timeline.workout).results("advanced", [], reached: left_out).map(&:rounds)).to eq([2])
  end

  it "takes the numbers that were typed for the rounds" do
    typed = [{"block" => "main", "station" => "s1", "per_round" => [9, 7]}]
    result = described_class.new(Sparrow::Plan.read(workout_document(intervals(1, rounds: 3)))).results("advanced", typed).first
    expect([result.rounds, result.per_round, result.reps]).to eq([2, [9, 7], 7])
  end
end
