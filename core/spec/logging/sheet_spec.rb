# frozen_string_literal: true

RSpec.describe Sparrow::Logging::Sheet do
  subject(:sheet) { described_class.new(Sparrow::Plan.read(document)) }

  let(:document) { workout_document(intervals([station("a", movement: "squat"), station("b", in_rounds: [2])], rounds: 2, rounds_by_level: {"beginner" => 1})) }

  def at(station, **keys)
    {"block" => "main", "station" => station, **keys.transform_keys(&:to_s)}
  end

  it "lists the stations with what each level was to do" do
    row = sheet.stations.first
    expect(row).to include("station" => "a", "name" => "Squat")
    expect(row["levels"]["intermediate"]).to include("variation" => "squat.parallel", "reps" => 10, "target" => "10 reps")
  end

  it "takes everybody to have done as planned until something else is typed" do
    results = sheet.results("advanced", [])
    expect(results.map(&:station)).to eq(%w[a b])
    expect(results).to all(have_attributes(level: "advanced", planned: true, skipped: false))
    expect(results.first.reps).to eq(6)
  end

  it "leaves out stations that the level's rounds never reach" do
    expect(sheet.results("beginner", []).map(&:station)).to eq(%w[a])
  end

  it "leaves a bonus to who says that they did it, or counted it" do
    bonus = described_class.new(Sparrow::Plan.read(workout_document(intervals([station("a", movement: "squat", optional: true), station("b")]))))
    expect(bonus.stations.map { |row| row["optional"] }).to eq([true, false])
    expect(bonus.results("advanced", []).map(&:station)).to eq(%w[b])
    done = bonus.results("advanced", [at("a", done: true)]).first
    expect([done.station, done.reps, done.variation]).to eq(["a", 6, "squat.pause"])
    expect(bonus.results("advanced", [], counted: {%w[main a] => 4}).map { |result| [result.station, result.reps] }).to include(["a", 4])
  end

  it "lets an exception change level, reps and reps left" do
    result = sheet.results("advanced", [at("a", level: "beginner", reps: 6, reps_left: 3)]).first
    expect(result).to have_attributes(level: "beginner", variation: "squat.chair_tap", reps: 6, reps_left: 3, planned: false)
  end

  it "keeps the planned reps of the level that was done where none are typed" do
    expect(sheet.results("advanced", [at("a", level: "intermediate")]).first.reps).to eq(10)
  end

  it "has no result of what nobody came to, and none of faults that the version has not" do
    expect(sheet.results("advanced", [], counted: {%w[main a] => 0}).map(&:station)).to eq(%w[b])
    seen = Sparrow::Catalogue.house.variation("squat.pause").faults.first.see
    expect(sheet.results("advanced", [at("a", faults: [seen])]).first.faults).to eq([seen])
    expect { sheet.results("advanced", [at("a", faults: [seen, "Sings"])]) }.to raise_error(Sparrow::Refused) { |refused| expect(refused.problems.map(&:pointer)).to eq(["/exceptions/0/faults/1"]) }
    expect(sheet.results("advanced", [at("a", faults: ["Sings"])], logged_faults: ["Sings"]).first.faults).to eq(["Sings"])
  end

  it "knows which blocks have rounds, reps or a finish time, and takes what was typed of them over what was tapped" do
    paced = described_class.new(Sparrow::Plan.read(workout_document(intervals(1), {"id" => "end", "role" => "finisher", "format" => "amrap", "title" => "Locks", "cap_s" => 120, "stations" => [station("f")]})))
    expect(paced.blocks).to eq([{"block" => "end", "title" => "Locks", "counts_rounds" => true}])
    expect(paced.block_results([{"block" => "end", "reps" => 4}], [{"block" => "end", "rounds" => 3}])).to eq([{"block" => "end", "rounds" => 3, "reps" => 4}])
    expect { paced.block_results([{"block" => "main", "rounds" => 4}], []) }.to raise_error(Sparrow::Refused)
  end

  it "names of a compound its parts, and of a level that sat out nothing" do
    parts = {"id" => "c", "counting" => "compound", "parts" => [{"movement" => "high_knees", "reps" => 4}, {"movement" => "squat", "reps" => 4}],
             "levels" => {"beginner" => {"reps" => 3}, "intermediate" => {"sits_out" => true}, "advanced" => {"reps" => 5}}}
    compound = described_class.new(Sparrow::Plan.read(workout_document(intervals([parts]))))
    expect(compound.stations.first["levels"].transform_values { |level| level["name"] }).to eq("beginner" => "High-knee march + Squat", "intermediate" => nil, "advanced" => "High-knee march + Squat")
    expect(compound.results("intermediate", []).map(&:station)).to eq([])
    typed = {"block" => "main", "station" => "c", "reps" => 2, "faults" => ["Sings"]}
    expect { compound.results("advanced", [typed]) }.to raise_error(Sparrow::Refused)
    expect(compound.results("intermediate", [{"block" => "main", "station" => "c", "variation" => "squat.parallel", "reps" => 2}]).first).to have_attributes(variation: "squat.parallel", reps: 2)
  end

  it "notes a station that was left out" do
    expect(sheet.results("advanced", [at("a", skipped: true)]).first).to have_attributes(skipped: true, reps: nil)
  end

  it "takes what somebody was given for what they did, whatever their level's way is" do
    planned = Sparrow::Logging::PlannedTarget.new(level: "beginner", variation: "squat.chair_sit", reps: 8, least: 8, target: "8 reps")
    results = sheet.results("advanced", [], planned: {%w[main a] => planned})
    expect(results.first).to have_attributes(level: "beginner", variation: "squat.chair_sit", reps: 8, least: 8, planned: true)
    expect(results.last).to have_attributes(level: "advanced")
  end

  it "notes who was to sit out as having done so, until something is typed" do
    out = {%w[main a] => Sparrow::Logging::PlannedTarget.new(level: "beginner")}
    expect(sheet.results("beginner", [], planned: out).first).to have_attributes(skipped: true, planned: true, reps: nil)
    expect(sheet.results("beginner", [at("a", reps: 4)], planned: out).first).to have_attributes(skipped: false, planned: false, reps: 4, variation: "squat.chair_tap")
  end

  it "lets an exception name any variation, with as many as are typed and no guess" do
    result = sheet.results("advanced", [at("a", variation: "squat.chair_sit")]).first
    expect(result).to have_attributes(variation: "squat.chair_sit", level: "beginner", reps: nil, least: nil)
    expect(sheet.results("advanced", [at("a", variation: "squat.chair_sit", reps: 7)]).first.reps).to eq(7)
  end

  it "takes reps that were tapped while the run went on, and what is typed before them" do
    counted = {%w[main a] => 17}
    expect(sheet.results("advanced", [], counted: counted).first).to have_attributes(reps: 17, planned: false, least: nil, variation: "squat.pause")
    expect(sheet.results("advanced", [at("a", reps: 4)], counted: counted).first).to have_attributes(reps: 4, least: 6)
    expect(sheet.results("advanced", [at("a", skipped: true)], counted: counted).first).to have_attributes(reps: nil, skipped: true)
  end

  it "keeps what was typed for a station that the level's rounds never reach" do
    expect(sheet.results("beginner", [at("b", reps: 5)]).map(&:station)).to eq(%w[a b])
  end

  it "refuses a variation that the catalogue has not" do
    expect { sheet.results("advanced", [at("a", variation: "squat.on_water")], at: "/x") }.to raise_error(Sparrow::Refused, %r{/x/0/variation})
  end

  it "refuses a station that is not there, and one that is logged twice" do
    expect { sheet.results("advanced", [at("z")], at: "/x") }.to raise_error(Sparrow::Refused, %r{/x/0/station})
    expect { sheet.results("advanced", [at("a"), at("a")]) }.to raise_error(Sparrow::Refused, /twice/)
  end

  it "lists a set of parts by their movements with its target, without a movement or a version of its own" do
    parts = [{"movement" => "push_up", "reps" => 2}, {"movement" => "squat", "reps" => 2}]
    compound = {"id" => "c", "counting" => "compound", "parts" => parts, "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 3}] }}
    listed = described_class.new(Sparrow::Plan.read(workout_document(intervals([compound], work_s: 120)))).stations.first
    expect(listed).to include("movement" => nil)
    expect(listed["levels"]["beginner"]).to include("variation" => nil, "name" => "Push-up + Squat", "reps" => 3)
  end
end
