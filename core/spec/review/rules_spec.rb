# frozen_string_literal: true

require "hana"

RSpec.describe Sparrow::Review do
  let(:warm_up) { intervals([station("w", movement: "arm_sweep")], id: "warm", role: "warm_up") }
  let(:cool_down) { intervals([station("c", movement: "chest_stretch", sides: "split")], id: "cool", role: "cool_down") }

  def review(document, rule = nil)
    findings = described_class.found(facts(document))
    rule ? findings.select { |finding| finding.rule == rule } : findings
  end

  def facts(document)
    timeline = Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(document))
    described_class::Facts.new(timeline, catalogue: Sparrow::Catalogue.house, capacity: Sparrow::Capacity::Lanes.new(timeline))
  end

  # What is offered: it was tried.
  def fix_of(document, finding)
    described_class::Mending.new(facts(document), review(document)).of(finding)
  end

  def plan(*stations, **rest)
    workout_document(warm_up, intervals(stations), cool_down, **rest)
  end

  # Applies the finding's patch and looks again: the fix must mend what it names.
  def expect_fix(document, rule)
    finding = review(document, rule).first
    expect(finding).not_to be_nil, "#{rule} found nothing"
    patched = Hana::Patch.new(copy(fix_of(document, finding).patch)).apply(copy(document))
    expect(review(patched, rule).select { |other| other.place == finding.place }).to eq([])
    yield finding, patched if block_given?
  end

  def squats(**levels)
    station("s", movement: "squat", levels: levels.to_h { |level, keys| [level.to_s, keys.transform_keys(&:to_s)] })
  end

  it "finds nothing in a sound plan" do
    expect(review(plan(squats))).to eq([])
  end

  it "runs every rule in its folder" do
    files = Dir[File.join(Sparrow::ROOT, "lib/sparrow/review/rules/*.rb")].map { |path| File.basename(path, ".rb") }
    expect(described_class::RULES.map(&:slug)).to match_array(files)
  end

  it "puts the gravest first" do
    severities = review(workout_document(intervals([squats(intermediate: {reps: 30})]))).map(&:severity)
    expect(severities).to eq(severities.sort_by { |severity| described_class::Finding::SEVERITIES.index(severity) })
    expect(severities.uniq.size).to be > 1
  end

  describe "reps that do not fit the window" do
    it "are found with both figures, and the number that fits is offered" do
      document = plan(squats(intermediate: {reps: 10, tempo: "3-0-3-0"}))
      expect_fix(document, "reps_overrun_window") do |finding, patched|
        expect(finding.what).to eq("10 reps do not fit in 40 s.")
        expect(finding.why).to include("takes 60 s; 6 fit")
        expect(finding.place.pointer).to eq("/blocks/1/stations/0/levels/intermediate")
        expect(patched.dig("blocks", 1, "stations", 0, "levels", "intermediate", "reps")).to eq(6)
      end
    end

    it "are called reps, one rep, or cycles of a set of parts" do
      parts = [{"movement" => "squat", "reps" => 10}, {"movement" => "push_up", "reps" => 10}]
      cycles = {"id" => "s", "counting" => "compound", "parts" => parts, "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 4}] }}
      found = review(plan(cycles)).select { |finding| finding.rule == "reps_overrun_window" }
      expect(found.first.what.to_s).to start_with("4 cycles do not fit in 40 s.")
      one = review(plan(squats(intermediate: {reps: 1, tempo: "9-9-9-9"})).tap { |document| document["blocks"][1]["work_s"] = 20 })
      expect(one.map { |finding| finding.what.to_s }).to include("1 rep does not fit in 20 s.")
    end

    it "of a range lower its maximum" do
      expect_fix(plan(squats(intermediate: {reps: {"min" => 8, "max" => 20}})), "reps_overrun_window") do |_, patched|
        expect(patched.dig("blocks", 1, "stations", 0, "levels", "intermediate", "reps")).to eq("min" => 8, "max" => 13)
      end
    end

    it "get the time that they need where not one of them fits" do
      document = plan(squats(beginner: {reps: 2}, intermediate: {reps: 1, tempo: "9-9-9-9"}, advanced: {reps: 2}))
      document["blocks"][1]["work_s"] = 20
      expect_fix(document, "reps_overrun_window") { |finding, _| expect(fix_of(document, finding).label).to eq("Give it 36 s") }
    end
  end

  describe "an odd number on alternating sides" do
    it "is made even" do
      document = plan(station("s", movement: "dead_bug", levels: {"intermediate" => {"reps" => 7}}))
      expect_fix(document, "odd_count_on_alternating") { |finding, _| expect(fix_of(document, finding).label).to eq("Make it 8") }
    end

    it "goes down where there is no time to go up" do
      document = plan(station("s", movement: "dead_bug", levels: {"intermediate" => {"reps" => 13}}))
      expect_fix(document, "odd_count_on_alternating") { |finding, _| expect(fix_of(document, finding).label).to eq("Make it 12") }
    end

    it "gives way to the window where there is no time for one on each side" do
      document = plan(station("s", movement: "dead_bug", levels: {"advanced" => {"reps" => 1, "tempo" => "9-9-9-9"}}))
      expect_fix(document, "odd_count_on_alternating") { |finding, _| expect(fix_of(document, finding).label).to eq("Ask for as many as fit") }
    end

    it "is no matter where a pair counts once" do
      document = plan(station("s", movement: "dead_bug", counting: "pair", levels: {"intermediate" => {"reps" => 5}}))
      expect(review(document, "odd_count_on_alternating")).to eq([])
    end
  end

  describe "a higher level easier than a lower" do
    it "is found by the variations' demand, and the two are swapped" do
      document = plan(squats(beginner: {variation: "squat.parallel"}, intermediate: {variation: "squat.chair_tap"}))
      expect_fix(document, "levels_out_of_order") do |finding, patched|
        expect(finding.place.level).to eq("intermediate")
        expect(patched.dig("blocks", 1, "stations", 0, "levels", "intermediate", "variation")).to eq("squat.parallel")
      end
    end

    it "is found on one variation by its number" do
      same = {variation: "squat.parallel"}
      document = plan(squats(beginner: {**same, reps: 9}, intermediate: {**same, reps: 6}, advanced: {variation: "squat.pause"}))
      expect_fix(document, "levels_out_of_order") { |finding, _| expect(finding.why).to include("fewer than 9") }
    end

    it "is no matter of numbers on different variations" do
      expect(review(plan(squats(beginner: {reps: 9}, intermediate: {reps: 6})), "levels_out_of_order")).to eq([])
    end
  end

  it "finds a station where everybody must leave the floor, and gives beginners a quiet variation" do
    jump = {variation: "squat.jump", reps: 6}
    document = plan(squats(beginner: jump, intermediate: jump, advanced: jump))
    expect_fix(document, "no_no_impact_version") do |finding, patched|
      expect(fix_of(document, finding).label).to eq("Give beginners Paused squat")
      expect(patched.dig("blocks", 1, "stations", 0, "levels", "beginner", "variation")).to eq("squat.pause")
    end
  end

  it "finds a class over its slot and takes rounds away" do
    document = plan(squats, slot_minutes: 10)
    document["blocks"][1].merge!("rounds" => 12, "round_rest_s" => 30)
    expect_fix(document, "over_slot") do |_, patched|
      timeline = Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(patched))
      expect(timeline.total_s).to be_between(9 * 60 - 20, 600)
    end
  end

  it "offers a longer slot where rounds cannot help" do
    document = plan(squats, slot_minutes: 5)
    document["blocks"][1]["work_s"] = 500
    expect(fix_of(document, review(document, "over_slot").first).label).to eq("Make the slot 10 minutes")
  end

  it "finds a slot much of which is left over and adds rounds up to it" do
    document = plan(station("k", movement: "heel_dig"), slot_minutes: 9)
    document["blocks"][0]["stations"] = [station("w", movement: "march_swing")]
    expect_fix(document, "under_slot") do |_, patched|
      expect(Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(patched)).total_s).to be_between(4 * 60, 9 * 60)
    end
  end

  it "offers a shorter slot where more rounds do not fit" do
    document = plan(squats, slot_minutes: 40)
    document["blocks"][1]["work_s"] = 1700
    expect(fix_of(document, review(document, "under_slot").first).label).to eq("Make the slot 30 minutes")
  end

  it "mends a poor plan one fix after the other" do
    jump = {variation: "squat.jump", reps: 40}
    poor = workout_document(intervals([squats(beginner: jump, intermediate: jump, advanced: {variation: "squat.chair_sit"})], rounds: 3))
    12.times { described_class.fixes(Sparrow::Plan.read(poor)).each_value.first(1).each { |fix| poor = Hana::Patch.new(copy(fix.patch)).apply(copy(poor)) } }
    expect(review(poor)).to eq([])
  end

  it "leaves five minutes for talk" do
    document = plan(squats, slot_minutes: 7)
    document["blocks"][1]["work_s"] = 40
    expect(review(document, "under_slot")).to eq([])
  end

  it "misses a warm-up and a cool-down, and adds them where they belong" do
    bare = workout_document(intervals([squats], id: "warm-up"))
    expect_fix(bare, "warm_up_missing") { |_, patched| expect(patched["blocks"].first["role"]).to eq("warm_up") }
    expect_fix(bare, "cool_down_missing") { |_, patched| expect(patched["blocks"].last["role"]).to eq("cool_down") }
  end

  it "says that an empty workout cannot be run, and nothing else of it" do
    expect(review(workout_document).map { |finding| [finding.rule, finding.severity] }).to eq([["nothing_to_do", "stop"]])
    [workout_document, workout_document(pause), workout_document(pause, intervals([]))].each do |empty|
      expect_fix(empty, "nothing_to_do") { |_, patched| expect(patched["blocks"].sum { |block| block.fetch("stations", []).size }).to eq(4) }
    end
  end

  it "judges a range by its lower end, and its time by its upper one" do
    range = ->(low, high) { plan(squats(intermediate: {variation: "squat.jump", reps: {"min" => low, "max" => high}})) }
    expect(review(range.call(6, 12), "breaks_in_last_round")).to eq([])
    expect(review(range.call(25, 40), "breaks_in_last_round")).not_to eq([])
    timeline = ->(document) { Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(document)) }
    rounds = ->(reps) { workout_document({"id" => "r", "role" => "main", "format" => "rounds", "rounds" => 2, "stations" => [squats(intermediate: {reps: reps})]}) }
    expect(timeline.call(rounds.call({"min" => 8, "max" => 12})).total_s).to eq(timeline.call(rounds.call(12)).total_s)
  end

  it "looks again at what is kept where more people come, and keeps no plan with it" do
    kept = Sparrow::Plan::KeptBlocks.new
    found = lambda do |people|
      Sparrow::Preview.new(plan(station("w", movement: "walking_lunge"), head_count: people), kept: kept).findings.select { |finding| finding.rule == "travels_in_a_crowd" }
    end
    expect([8, 8, 30, 30, 8].map { |people| found.call(people).size }).to eq([0, 0, 1, 1, 0])
    expect(found.call(30).map(&:fixes)).to eq([[]])
  end

  it "removes an empty block" do
    document = workout_document(warm_up, intervals([squats]), intervals([], id: "empty"), cool_down)
    expect_fix(document, "empty_block") { |_, patched| expect(patched["blocks"].size).to eq(3) }
  end
end
