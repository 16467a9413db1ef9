# frozen_string_literal: true

RSpec.describe Sparrow::Fitting::Needs do
  def rows(people, *blocks)
    described_class.new(fit(people, *blocks)).rows
  end

  let(:block) do
    intervals([station("p", movement: "push_up", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "push_up.floor", "reps" => 10}] })], work_s: 40, rest_s: 60, rounds: 3)
  end

  it "names the variation that most of a level's followers were given, and the number that leaves all of them their reserve" do
    people = [person("a", measured: {"push_up.knees" => 12}), person("b", measured: {"push_up.knees" => 14}), person("c", measured: {"push_up.floor" => 60})]
    row = rows(people, block).first
    expect(row).to have_attributes(level: "intermediate", people: 3, as_planned: 1)
    expect(row.to.variation.demand_value).to be < 0.64
    document = Sparrow::Pointer.put(workout_document(block), row.patch)
    moved = fit(people, document["blocks"].first)
    expect(%w[a b].map { |id| moved.cells(id).first.assigned.kind }).to eq(%w[fits fits])
  end

  it "raises a number that is too low, as far as the window has time" do
    easy = intervals([station("s", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel", "reps" => 4}] })], work_s: 40, rounds: 1)
    row = rows([person("a", measured: {"squat.parallel" => 60})], easy).first
    expect(row.to.number).to be > 4
  end

  it "keeps a compound's parts and moves its number" do
    parts = [{"movement" => "push_up", "reps" => 2}, {"movement" => "squat", "reps" => 2}]
    compound = {"id" => "c", "counting" => "compound", "parts" => parts, "levels" => Sparrow::Level::ALL.zip([2, 3, 20]).to_h { |level, reps| [level, {"reps" => reps}] }}
    block = intervals([compound], work_s: 120, rest_s: 60, rounds: 2)
    strong = person("a", measured: {"push_up.floor" => 40, "squat.parallel" => 80})
    row = rows([strong], block).first
    expect(row.from).to have_attributes(variation: nil, number: 3)
    expect(row.to.number).to be_between(4, 6)
    expect(row.patch).to eq([["/blocks/0/stations/0/levels/intermediate/reps", row.to.number]])
    moved = fit([strong], Sparrow::Pointer.put(workout_document(block), row.patch)["blocks"].first)
    expect(moved.cells("a").first.assigned).to have_attributes(kind: "fits")
  end

  it "does not move a compound to the parts of another level" do
    parts = [{"movement" => "push_up", "reps" => 2}, {"movement" => "squat", "reps" => 2}]
    compound = {"id" => "c", "counting" => "compound", "parts" => parts, "levels" => Sparrow::Level::ALL.zip([2, 9, 9]).to_h { |level, reps| [level, {"reps" => reps}] }}
    row = rows([person("a", measured: {"push_up.floor" => 3, "squat.parallel" => 80})], intervals([compound], work_s: 240)).first
    expect(row).to have_attributes(level: "intermediate", as_planned: 0, patch: [])
  end

  it "leaves alone what has no number, and lanes that nobody follows" do
    found = rows([person("a")], intervals([station("m", movement: "high_knees")], work_s: 30))
    expect(found.map(&:level)).to eq(%w[intermediate])
    expect(found.first.to.number).to be_nil
  end

  describe "targets that somebody wants" do
    let(:needs) { described_class.new(fit([person("a")], block)) }

    def target(**rest)
      described_class::Target.new(*{block: "main", station: "p", level: "beginner", variation: "push_up.knees", number: 7}.merge(rest).values)
    end

    it "become what changes in the document: the version, and the number in its own unit" do
      at = "/blocks/0/stations/0/levels"
      expect(needs.patches([target])).to eq([["#{at}/beginner/variation", "push_up.knees"], ["#{at}/beginner/reps", 7]])
      expect(needs.patches([target(level: "advanced", variation: "push_up.floor", number: 9)])).to eq([["#{at}/advanced/reps", 9]])
      expect(needs.patches([target(level: "advanced", variation: nil, number: 12), target(level: "advanced", variation: "push_up.floor", number: nil)])).to eq([["#{at}/advanced/reps", 12]])
    end

    it "become seconds where the version is held" do
      held = intervals([station("k", movement: "plank", levels: {"advanced" => {"variation" => "plank.forearm", "hold_s" => 40}})], work_s: 60)
      wanted = target(station: "k", level: "advanced", variation: "plank.forearm", number: 25)
      expect(described_class.new(fit([person("a")], held)).patches([wanted])).to eq([["/blocks/0/stations/0/levels/advanced/hold_s", 25]])
    end

    it "are refused where the station is gone, or the movement has no such version" do
      expect { needs.patches([target, target(station: "gone"), target(block: "gone"), target(variation: "squat.parallel")]) }.to raise_error(Sparrow::Refused) do |refused|
        expect(refused.problems.to_h { |problem| [problem.pointer, problem.message] }).to match(
          "/1" => /not in the circuit any more/, "/2" => /not in the circuit any more/, "/3" => "names a version that Push-up does not have"
        )
      end
    end

    it "are refused a version of their own at a set of parts" do
      parts = [{"movement" => "push_up", "reps" => 2}, {"movement" => "squat", "reps" => 2}]
      compound = {"id" => "c", "counting" => "compound", "parts" => parts, "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 3}] }}
      found = described_class.new(fit([person("a")], intervals([compound], work_s: 120)))
      expect { found.patches([target(station: "c")]) }.to raise_error(Sparrow::Refused, /a set of parts/)
      expect(found.patches([target(station: "c", variation: nil, number: 2)])).to eq([["/blocks/0/stations/0/levels/beginner/reps", 2]])
    end
  end

  it "asks of steps and jumps no more than the circuit does, whatever there is time for" do
    march = intervals([station("m", movement: "mountain_climber", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "mountain_climber.slow", "reps" => 6}] })], work_s: 60, rounds: 1)
    found = rows([person("a", measured: {"push_up.floor" => 60})], march).first
    expect(found.to.number).to be <= 12
    jacks = intervals([station("j", movement: "jumping_jack", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "jumping_jack.step", "reps" => 10}] })], work_s: 60, rounds: 1)
    expect(rows([person("a")], jacks).first.to.number).to be <= 10
  end
end
