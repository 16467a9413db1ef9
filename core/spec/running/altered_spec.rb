# frozen_string_literal: true

require_relative "../support/random_classes"

RSpec.describe Sparrow::Running::Altered do
  include RandomClasses

  let(:random) { Random.new(20_261_128) }
  let(:catalogue) { Sparrow::Catalogue.house }
  # Warm-up to 1:00, then two stations of 40 s with 20 s between, three rounds, to 6:40; then a finisher of a minute.
  let(:document) do
    workout_document(intervals([station("w")], id: "warm", role: "warm_up", work_s: 60), intervals([station("a", movement: "squat"), station("b", movement: "push_up")], rounds: 3),
      intervals([station("f", movement: "squat")], id: "end", role: "finisher", work_s: 60))
  end

  def altered(document = self.document)
    described_class.of(document, [], catalogue: catalogue)
  end

  def changed(at_s, *changes, of: altered)
    of.and(changes.map { |change| change.transform_keys(&:to_s) }, at_s, catalogue: catalogue)
  end

  def work(timeline, level = "intermediate")
    timeline.blocks.flat_map { |line| line.lanes.fetch(level) }.select { |segment| segment.kind == "work" }.map { |segment| [segment.station.id, segment.round, segment.start_s, segment.seconds] }
  end

  it "shortens the rests that are still to come, the one after the work that is on among them" do
    after = changed(70, {kind: "shorter", what: "rest", by_s: 10}).timeline
    expect(work(after)).to eq([["w", 1, 0, 60], ["a", 1, 60, 40], ["b", 1, 110, 40], ["a", 2, 160, 40], ["b", 2, 210, 40], ["a", 3, 260, 40], ["b", 3, 310, 40], ["f", 1, 350, 60]])
  end

  it "leaves the rest that is on as it is" do
    expect(work(changed(105, {kind: "shorter", what: "rest", by_s: 10}).timeline)[2..3]).to eq([["b", 1, 120, 40], ["a", 2, 170, 40]])
  end

  it "shortens the work from the next station on, its holds with it" do
    after = changed(70, {kind: "shorter", what: "work", by_s: 10}).timeline
    expect(work(after)[1..2]).to eq([["a", 1, 60, 40], ["b", 1, 120, 30]])
    expect(after.total_s).to eq(460 - 60)
  end

  it "shortens every number of a time by round and of a range, and a hold with its window, in the one block that is named" do
    held = station("b", movement: "plank", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "plank.knees", "hold_s" => 50}] })
    plan = altered(workout_document(intervals([station("a", work_s: [60, 50]), held], rounds: 2, work_s: 50, rest_s: {"min" => 20, "max" => 30}), intervals(1, id: "end", work_s: 60)))
    work = changed(0, {kind: "shorter", what: "work", by_s: 10, block: "main"}, of: plan)
    expect(work.document.dig("blocks", 0, "stations").map { |one| [one["work_s"], one.dig("levels", "beginner", "hold_s")] }).to eq([[[50, 40], nil], [nil, 40]])
    expect(work.document.dig("blocks", 1, "work_s")).to eq(60)
    rest = changed(0, {kind: "shorter", what: "rest", by_s: 10, block: "main"}, of: plan)
    expect(rest.document.dig("blocks", 0, "rest_s")).to eq("min" => 10, "max" => 20)
    names = Sparrow::Running::Offers::Names.new(document: plan.document, catalogue: catalogue)
    said = %w[work rest].map { |what| Sparrow::Running::Changes::Shorter.words({"what" => what, "by_s" => 10, "block" => "main"}, names).to_s }
    expect(said).to match([/10 s.*Main/, /10 s.*Main/])
  end

  it "ends a block with levels of fewer rounds of their own after fewer, and not before one that only comes later" do
    stepped = altered(workout_document(intervals([station("a", in_rounds: [1, 2]), station("b", in_rounds: [2, 3])], rounds: 3, rounds_by_level: {"beginner" => 3, "advanced" => 1})))
    fewer = changed(0, {kind: "fewer_rounds", block: "main", rounds: 2}, of: stepped).document["blocks"].first
    expect([fewer["rounds"], fewer["rounds_by_level"], fewer["stations"].map { |one| one["in_rounds"] }]).to eq([2, {"beginner" => 2, "advanced" => 1}, [nil, [2]]])
    late = altered(workout_document(intervals([station("a", in_rounds: [3])], rounds: 3)))
    expect { changed(0, {kind: "fewer_rounds", block: "main", rounds: 2}, of: late) }.to raise_error(Sparrow::Refused)
  end

  it "ends a block after fewer rounds, which are counted and called so" do
    after = changed(130, {kind: "fewer_rounds", block: "main", rounds: 2}).timeline
    expect(after.total_s).to eq(340)
    expect(Sparrow::Plan::Cues.of(after).find { |cue| cue.kind == "last_round" }).to have_attributes(at_s: be_between(150, 180), round: 2)
  end

  it "skips a station in the rounds in which it has not begun" do
    expect(work(changed(130, {kind: "leave_out_station", block: "main", station: "a"}).timeline).map { |held| held.first(2) }).to eq([["w", 1], ["a", 1], ["b", 1], ["b", 2], ["b", 3], ["f", 1]])
    expect(changed(10, {kind: "leave_out_station", block: "main", station: "a"}).document["blocks"][1]["stations"].size).to eq(1)
  end

  it "leaves out a block that has not begun, and no other" do
    expect(changed(130, {kind: "leave_out_block", block: "end"}).timeline.total_s).to eq(400)
    expect { changed(130, {kind: "leave_out_block", block: "main"}) }.to raise_error(Sparrow::Refused)
  end

  it "gives a level another version, and keeps the number where both are counted" do
    after = changed(70, {kind: "other_version", block: "main", station: "b", variation: "push_up.knees", levels: %w[advanced]})
    expect(after.document.dig("blocks", 1, "stations", 1, "levels", "advanced")).to include("variation" => "push_up.knees", "reps" => document.dig("blocks", 1, "stations", 1, "levels", "advanced", "reps"))
  end

  it "keeps what was done of a ladder's total where a round is dropped" do
    ladder = {"id" => "l", "role" => "main", "format" => "ladder", "rounds" => 4, "stations" => [station("s", movement: "squat").merge("ladder" => {"total" => 60, "shape" => "descending"})]}
    ladder["stations"].first["levels"].each_value { |level| level.delete("reps") }
    after = changed(1, {kind: "fewer_rounds", block: "l", rounds: 3}, of: altered(workout_document(ladder)))
    expect(after.timeline.workout.blocks.first.stations.first.counts["advanced"]).to eq(1 => 24, 2 => 18, 3 => 12)
  end

  it "refuses what the plan has not, or what is over" do
    [{kind: "fewer_rounds", block: "main", rounds: 1}, {kind: "fewer_rounds", block: "warm", rounds: 1}, {kind: "leave_out_station", block: "main", station: "x"}, {kind: "leave_out_block", block: "x"},
      {kind: "other_version", block: "main", station: "b", variation: "squat.of_nobody", levels: %w[advanced]}].each do |change|
      expect { changed(200, change) }.to raise_error(Sparrow::Refused), change.inspect
    end
  end

  it "is the same whatever order its events arrive in, and leaves out what was taken back or holds no more" do
    events = [{"kind" => "shorter", "what" => "rest", "by_s" => 5}, {"kind" => "leave_out_block", "block" => "end"}, {"kind" => "leave_out_block", "block" => "end"}].each_with_index.map do |change, index|
      Sparrow::Running::Event.new(id: "e#{index}", kind: "changed", at_ms: 1000 * index, at_s: 70 + index, changes: [change])
    end
    totals = events.permutation.map { |list| described_class.of(document, list, catalogue: catalogue).timeline.total_s }
    expect(totals.uniq).to eq([400 - 25])
    back = Sparrow::Running::Event.new(id: "b", kind: "taken_back", at_ms: 9000, of: "e0")
    expect(described_class.of(document, [*events, back], catalogue: catalogue).timeline.total_s).to eq(400)
  end

  # Each lane's stretches lie end to end, from the start to the end of its block.
  def without_gaps?(timeline)
    timeline.blocks.all? do |line|
      line.lanes.each_value.all? { |segments| segments.each_cons(2).all? { |one, two| one.end_s == two.start_s } && (segments.empty? || [segments.first.start_s, segments.last.end_s] == [line.start_s, line.end_s]) }
    end
  end

  # Where nobody waits for anybody nothing is known to have passed.
  def passed(timeline, second)
    told = timeline.blocks.reject { |line| line.block.paced? && (line.block.gate == "free" || line.gates.to_a.size < 2) }
    Sparrow::Level::ALL.map { |level| told.flat_map { |line| line.lanes.fetch(level) }.select { |segment| segment.end_s <= second }.map { |segment| [segment.kind, segment.start_s, segment.seconds, segment.station&.id, segment.round] } }
  end

  it "keeps every second that has passed, and comes to the end that was offered, whatever the plan and the change" do
    Thoroughness.of(60).times do
      before = altered(random_document)
      second = random.rand(0..before.timeline.total_s)
      Sparrow::Running::Offers.new(before, second, catalogue: catalogue).singles.sample(3, random: random).each do |offer|
        after = before.and(offer.changes, second, catalogue: catalogue).timeline
        expect(passed(after, second)).to eq(passed(before.timeline, second)), offer.label
        expect([without_gaps?(after), after.total_s]).to eq([true, offer.total_s]), offer.label
        Sparrow::Plan::Cues.of(after).each_cons(2) { |cue, following| expect(following.at_s).to be >= cue.at_s + cue.says_s }
      end
    end
  end
end
