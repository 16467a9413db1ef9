# frozen_string_literal: true

RSpec.describe Sparrow::Logging::Sheet do
  subject(:sheet) { described_class.new(Sparrow::Circuit.read(document)) }

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

  it "leaves out stations that the lane's rounds never reach" do
    expect(sheet.results("beginner", []).map(&:station)).to eq(%w[a])
  end

  it "lets an exception change level, reps and reps left" do
    result = sheet.results("advanced", [at("a", level: "beginner", reps: 6, reps_left: 3)]).first
    expect(result).to have_attributes(level: "beginner", variation: "squat.chair_tap", reps: 6, reps_left: 3, planned: false)
  end

  it "keeps the planned reps of the level that was done where none are typed" do
    expect(sheet.results("advanced", [at("a", level: "intermediate")]).first.reps).to eq(10)
  end

  it "notes a station that was left out" do
    expect(sheet.results("advanced", [at("a", skipped: true)]).first).to have_attributes(skipped: true, reps: nil)
  end

  it "refuses a station that is not there, and one that is logged twice" do
    expect { sheet.results("advanced", [at("z")], at: "/x") }.to raise_error(Sparrow::Refused, %r{/x/0/station})
    expect { sheet.results("advanced", [at("a"), at("a")]) }.to raise_error(Sparrow::Refused, /twice/)
  end
end
