# frozen_string_literal: true

RSpec.describe Sparrow::Running::Offers do
  let(:catalogue) { Sparrow::Catalogue.house }
  let(:document) do
    workout_document(intervals(2, id: "warm", role: "warm_up", work_s: 30, rest_s: 5), intervals([station("a", movement: "squat"), station("b", movement: "push_up"), station("c", movement: "plank")], rounds: 4, round_rest_s: 60, title: "Locks"),
      intervals([station("f", movement: "squat")], id: "end", role: "finisher", work_s: 60), intervals([station("d")], id: "cool", role: "cool_down", work_s: 60))
  end

  def offers(second = 70)
    described_class.new(Sparrow::Running::Altered.of(document, [], catalogue: catalogue), second, catalogue: catalogue)
  end

  it "names each change, with the end that it brings" do
    expect(offers.singles.reject { |offer| offer.group == "version" }.to_h { |offer| [offer.label, offer.total_s] }).to eq(
      "Rests 5 s shorter from here on" => 950, "Rests 10 s shorter from here on" => 895, "Work 5 s shorter from here on" => 940, "Work 10 s shorter from here on" => 875, "“Locks” ends after 3 rounds" => 785, "“Locks” ends after 2 rounds" => 565,
      "Skip Squat from here on" => 825, "Skip Push-up from here on" => 765, "Skip Plank from here on" => 765, "Leave out “Finisher”" => 945
    )
  end

  it "keeps the warm-up, the cool-down and the only main block" do
    expect(offers.singles.map(&:label).grep(/Leave out/)).to eq(["Leave out “Finisher”"])
  end

  it "finds what keeps a time, no more of it than that needs" do
    ways = offers.ways(800)
    expect(ways.map(&:label)).to start_with("“Locks” ends after 3 rounds")
    expect(ways.map(&:total_s)).to all(be <= 800)
    expect(ways.combination(2).none? { |one, two| (one.changes - two.changes).empty? || (two.changes - one.changes).empty? }).to be(true)
  end

  it "names a set of parts by its movements, and offers it no version for everybody" do
    parts = {"id" => "b", "counting" => "compound", "parts" => [{"movement" => "high_knees", "reps" => 4}, {"movement" => "squat", "reps" => 2}], "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 3}] }}
    held = described_class.new(Sparrow::Running::Altered.of(workout_document(intervals([station("a", movement: "push_up"), parts], rounds: 4)), [], catalogue: catalogue), 10, catalogue: catalogue).singles
    expect(held.map(&:label)).to include("Skip High-knee march + Squat from here on")
    expect(held.select { |offer| offer.group == "version" }.map { |offer| offer.changes.first["station"] }.uniq).to eq(["a"])
  end

  it "offers no version where nothing with stations is left, and no three changes at once where there are many" do
    walk = described_class.new(Sparrow::Running::Altered.of(workout_document(intervals(1, rounds: 1), pause(60)), [], catalogue: catalogue), 70, catalogue: catalogue)
    expect(walk.singles.select { |offer| offer.group == "version" }).to eq([])
    long = workout_document(*(1..3).map { |index| intervals(5, id: "b#{index}", rounds: 4, round_rest_s: 60) })
    many = described_class.new(Sparrow::Running::Altered.of(long, [], catalogue: catalogue), 5, catalogue: catalogue)
    expect(many.ways(many.singles.map(&:total_s).max - 200).map { |way| way.changes.size }.max).to be <= 2
  end

  it "finds nothing where nothing is enough" do
    expect(offers.ways(60)).to eq([])
  end

  it "offers each level the version before and the one after its own" do
    held = offers.singles.select { |offer| offer.group == "version" && offer.changes.first.values_at("station", "levels") == ["b", ["intermediate"]] }
    expect(held.map(&:label)).to eq(["Push-up, hands on a step for Intermediate", "Push-up, feet on a step for Intermediate"])
  end
end
