# frozen_string_literal: true

RSpec.describe Sparrow::Standards do
  let(:same_variation) { {"beginner" => "squat.parallel", "intermediate" => "squat.parallel", "advanced" => "squat.parallel"} }

  def open_levels(variations = same_variation, **advanced)
    variations.to_h { |level, variation| [level, {"variation" => variation}.merge((level == "advanced") ? advanced.transform_keys(&:to_s) : {})] }
  end

  # The three prescriptions of a block's one station under a school.
  def under(school, levels, movement: "squat", **block)
    station = {"id" => "s", "movement" => movement, "levels" => levels}
    workout = Sparrow::Plan.read(workout_document(intervals([station], scaling: school, **block)))
    Sparrow::Level::ALL.map { |level| workout.blocks.first.stations.first.at(level) }
  end

  it "offers every school that a document may name, each with what it is good for" do
    form = Sparrow::Plan::Form::SCALING
    expect(described_class.schools.map(&:id)).to all(satisfy { |id| form.read(id, Sparrow::Schema::ErrorCollector.new) == id })
    expect(described_class.schools.size).to eq(9)
    expect(described_class.schools.map(&:good_for)).to all(match(/\w.*\./))
  end

  it "gives each level its share of the advanced number, by the house's or the block's own shares" do
    expect(under("share", open_levels(reps: 90)).map(&:reps_counted)).to eq([45, 70, 90])
    expect(under("share", open_levels(reps: 90), shares: {"beginner" => 40, "intermediate" => 60}).map(&:reps_counted)).to eq([35, 55, 90])
  end

  it "leaves alone what was typed" do
    levels = open_levels(reps: 90).merge("beginner" => {"variation" => "squat.chair_tap", "reps" => 12})
    prescriptions = under("share", levels)
    expect(prescriptions.map(&:reps_counted)).to eq([12, 70, 90])
    expect(prescriptions.map(&:filled)).to eq([[], ["reps"], []])
  end

  it "lets each level go at a third, two thirds and all of the longest hold, in fives" do
    planks = open_levels({"beginner" => "plank.knees", "intermediate" => "plank.forearm", "advanced" => "plank.forearm"}, hold_s: 60)
    expect(under("hold", planks, movement: "plank", work_s: 60).map(&:stop_s)).to eq([20, 40, 60])
    planks["advanced"]["hold_s"] = 50
    expect(under("hold", planks, movement: "plank", work_s: 60).map(&:stop_s)).to eq([15, 35, 50])
  end

  it "gives each level its share of the longest time, round by round" do
    reaches = open_levels({"beginner" => "plank.reach", "intermediate" => "plank.reach", "advanced" => "plank.reach"}, work_s: [60, 30])
    expect(under("hold", reaches, movement: "plank", rounds: 2, work_s: 60).map { |held| [held.stop_s(1), held.stop_s(2)] }).to eq([[20, 10], [40, 20], [60, 30]])
  end

  it "gives each level the house's band, of holds in seconds" do
    expect(under("range", open_levels).map(&:reps)).to eq([6..10, 8..12, 10..16])
    planks = open_levels({"beginner" => "plank.knees", "intermediate" => "plank.forearm", "advanced" => "plank.forearm"})
    house = Sparrow::Standards::House.read(nil)
    expect(under("range", planks, movement: "plank", work_s: 60).map(&:hold)).to eq(Sparrow::Level::ALL.map { |level| house.hold_ranges.fetch(level) })
  end

  it "gives a level of parts its share of their number, and holds the advanced one's" do
    parts = {"id" => "c", "counting" => "compound", "parts" => [{"movement" => "high_knees", "reps" => 4}, {"movement" => "squat", "reps" => 4}], "levels" => {"beginner" => {}, "intermediate" => {}, "advanced" => {"reps" => 8}}}
    workout = Sparrow::Plan.read(workout_document(intervals([parts], scaling: "share")))
    expect(Sparrow::Level::ALL.map { |level| workout.blocks.first.stations.first.at(level).reps_counted }).to eq([4, 6, 8])
    planks = open_levels({"beginner" => "plank.knees", "intermediate" => "plank.forearm", "advanced" => "plank.forearm"}, hold_s: 30)
    expect(under("variation", planks, movement: "plank", work_s: 60).map(&:hold_s)).to eq([30, 30, 30])
  end

  it "fills nothing where as many clean reps as fit are asked" do
    expect(under("clean_reps", open_levels).map(&:reps)).to eq([nil, nil, nil])
  end

  it "keeps variation and number and lowers more slowly from level to level" do
    prescriptions = under("tempo", open_levels(reps: 8))
    expect(prescriptions.map(&:reps_counted)).to eq([8, 8, 8])
    expect(prescriptions.map { |prescription| prescription.tempo&.to_s }).to eq([nil, "3-0-1-0", "4-0-1-0"])
  end

  it "gives each level its share of the bottle, in half kilograms" do
    expect(under("load", open_levels(reps: 8, load_kg: 2.5)).map(&:load_kg)).to eq([1.5, 2, 2.5])
  end

  it "gives a lower level a longer rest" do
    expect(under("rest", open_levels(reps: 8), rest_s: 20).map(&:rest_s)).to eq([40, 30, 20])
  end

  it "gives a lower level fewer rounds, and one at least" do
    block = Sparrow::Plan.read(workout_document(intervals(1, scaling: "rounds", rounds: 3))).blocks.first
    expect(Sparrow::Level::ALL.map { |level| block.rounds_for(level) }).to eq([1, 2, 3])
    block = Sparrow::Plan.read(workout_document(intervals(1, scaling: "rounds", rounds: 4, rounds_by_level: {"beginner" => 3}))).blocks.first
    expect(Sparrow::Level::ALL.map { |level| block.rounds_for(level) }).to eq([3, 3, 4])
  end

  it "lets a station follow another school than its block" do
    station = {"id" => "s", "movement" => "squat", "scaling" => "share", "levels" => open_levels(reps: 40)}
    workout = Sparrow::Plan.read(workout_document(intervals([station], scaling: "clean_reps")))
    expect(workout.blocks.first.stations.first.at("beginner").reps_counted).to eq(20)
  end

  it "never gives a lower level more than a higher one of the same version" do
    levels = open_levels(reps: 40)
    levels["intermediate"]["reps"] = 15
    expect(under("share", levels).map(&:reps_counted)).to eq([15, 15, 40])
  end

  it "refuses shares that fall from one level to the next" do
    document = workout_document(intervals(1, scaling: "share", shares: {"beginner" => 80, "intermediate" => 60}))
    expect(refusal_of(document)).to eq("/blocks/0/shares" => "must not fall from one level to the next")
  end

  it "shares a range at both its ends, and a hold in fives" do
    expect(under("share", open_levels(reps: {"min" => 20, "max" => 40})).map { |prescription| prescription.reps.then { |range| [range.min, range.max] } }).to eq([[10, 20], [15, 30], [20, 40]])
    held = {"beginner" => "plank.forearm", "intermediate" => "plank.forearm", "advanced" => "plank.forearm"}
    expect(under("share", open_levels(held, hold_s: 60), movement: "plank").map(&:hold_s)).to eq([30, 45, 60])
    expect(under("hold", open_levels(held, hold_s: {"min" => 30, "max" => 60}), movement: "plank").map { |prescription| [prescription.hold.min, prescription.hold.max] }).to eq([[10, 20], [20, 40], [30, 60]])
  end

  it "has nothing to share where nothing was typed" do
    expect(under("share", open_levels).map(&:reps)).to eq([nil, nil, nil])
    held = {"beginner" => "plank.forearm", "intermediate" => "plank.forearm", "advanced" => "plank.forearm"}
    expect(under("hold", open_levels(held), movement: "plank").first(2).map { |prescription| prescription.hold&.max }).to eq([nil, nil])
    expect(under("load", open_levels(reps: 8)).map(&:load_kg)).to eq([nil, nil, nil])
    expect(under("rest", open_levels(reps: 8), rest_s: 0).map(&:rest_s)).to eq([0, 0, 0])
  end

  it "gives the same number on each version, and a hold where a version is held" do
    mixed = {"beginner" => "squat.chair_tap", "intermediate" => "squat.parallel", "advanced" => "squat.parallel"}
    expect(under("variation", open_levels(mixed, reps: 9)).map(&:reps_counted)).to eq([9, 9, 9])
  end

  it "step from the tempo that is typed, and make nobody slower than the advanced" do
    levels = open_levels(reps: 8).tap { |held| held["advanced"]["tempo"] = "2-0-1-0" }
    expect(under("tempo", levels).map { |prescription| prescription.tempo&.to_s }).to eq(["1-0-1-0", "1-0-1-0", "2-0-1-0"])
    levels["advanced"]["tempo"] = "5-1-1-0"
    expect(under("tempo", levels).map { |prescription| prescription.tempo&.to_s }).to eq(["3-1-1-0", "4-1-1-0", "5-1-1-0"])
  end

  %w[variation share hold range clean_reps tempo load rest rounds].each do |school|
    it "leaves a set of parts readable under “#{school}”" do
      parts = {"id" => "c", "counting" => "compound", "parts" => [{"movement" => "high_knees", "reps" => 4}, {"movement" => "mountain_climber", "reps" => 4}],
               "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 6}] }}
      station = Sparrow::Plan.read(workout_document(intervals([parts], scaling: school))).blocks.first.stations.first
      expect(Sparrow::Level::ALL.map { |level| station.at(level).parts.map(&:reps) }.uniq).to eq([[4, 4]])
    end
  end
end
