# frozen_string_literal: true

RSpec.describe "The rules that formats need" do
  def block(format, stations, **keys)
    {"id" => "b", "role" => "main", "format" => format, "stations" => stations, **keys.transform_keys(&:to_s)}
  end

  def findings(document, rule)
    Sparrow::Review.of(Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(document))).select { |finding| finding.rule == rule }
  end

  # The fix mends what it names, and nothing of the kind is left there.
  def expect_mended(document, rule)
    found = findings(document, rule)
    expect(found).not_to be_empty
    patched = Sparrow::Pointer.put(document, found.first.candidates.first.patch.map { |step| step.values_at("path", "value") })
    expect(findings(patched, rule).map { |finding| finding.place.pointer }).not_to include(found.first.place.pointer)
    found
  end

  def squats(reps, variation = "squat.parallel")
    station("s", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => variation, "reps" => reps}] })
  end

  it "marks a set that overruns its minute, and offers what fits" do
    found = expect_mended(workout_document(block("every_minute", [squats(30)], rounds: 1)), "set_overruns_minute")
    expect(found.map { |finding| finding.place.level }).to eq(%w[beginner intermediate advanced])
    expect(found.first.what).to match(/The set takes \d+ s of its 60/)
  end

  it "offers a longer interval where not one rep has time" do
    slow = squats(3).tap { |held| held["levels"].each_value { |input| input["tempo"] = "9-9-9-0" } }
    expect(expect_mended(workout_document(block("every_minute", [slow], rounds: 1, interval_s: 20)), "set_overruns_minute").first.candidates.first.label).to match(/Start every/)
  end

  it "marks a target that would break in the last round, with the highest that would not" do
    document = workout_document(intervals([squats(12)], rounds: 3, work_s: 60, rest_s: 60))
    found = expect_mended(document, "breaks_in_last_round")
    expect(found.first.what).to match(/A beginner would not complete this in round \d/)
    expect(found.first.why).to match(/estimate/)
    expect(found.first.candidates.first.label).to match(/Ask for \d+|Take /)
  end

  it "does not mark what leaves something" do
    expect(findings(workout_document(intervals([squats(3, "squat.chair_sit")], rounds: 2, work_s: 40, rest_s: 60)), "breaks_in_last_round")).to eq([])
  end

  it "calls an aim implausible that leaves less than seven tenths of the tempo" do
    document = workout_document(block("rounds", [squats(20)], rounds: 2, target_s: 60))
    found = expect_mended(document, "implausible_pace")
    expect(found.map(&:severity).uniq).to eq(["warn"])
    expect(findings(workout_document(block("rounds", [squats(20)], rounds: 2, target_s: 200)), "implausible_pace")).to eq([])
  end

  it "says who does not get through before the cap" do
    found = expect_mended(workout_document(block("rounds", [squats(20)], rounds: 3, cap_s: 120)), "cap_cuts_off")
    expect(found.first.what).to match(/Before the cap these do not get through: beginner/)
  end

  it "marks one side only, in windows and where a set is counted" do
    plank = station("s", movement: "side_plank")
    expect_mended(workout_document(intervals([plank])), "one_side_only")
    single = station("s", movement: "one_leg_squat", counting: "each")
    expect_mended(workout_document(block("rounds", [single], rounds: 1)), "one_side_only")
    expect(findings(workout_document(block("rounds", [station("s", movement: "one_leg_squat")], rounds: 1)), "one_side_only")).to eq([])
  end
end
