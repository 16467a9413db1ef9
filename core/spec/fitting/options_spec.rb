# frozen_string_literal: true

RSpec.describe Sparrow::Fitting::Options do
  def options(assigned, **block)
    keys = intervals([assigned], **block)
    keys = keys.except("work_s", "rest_s", "rounds").merge(block.transform_keys(&:to_s)) if block[:format]
    read = Sparrow::Plan.read(workout_document(keys)).blocks.first
    described_class.new(read, read.stations.first)
  end

  def every(found, level)
    [*found.up_from(level).reverse, *found.down_from(level)]
  end

  def short(options)
    options.map { |option| [option.variation.id.split(".").last, option.unit, option.number] }
  end

  def same(movement, variation, **keys)
    station("s", movement: movement, levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => variation, **keys.transform_keys(&:to_s)}] })
  end

  let(:three) do
    station("p", movement: "push_up", levels: {"beginner" => {"variation" => "push_up.knees", "reps" => 5}, "intermediate" => {"variation" => "push_up.floor", "reps" => 8},
                                               "advanced" => {"variation" => "push_up.feet_30", "reps" => 12}})
  end

  it "go down from the level's own version, each aiming at the level's own number" do
    expect(short(options(three).down_from("intermediate"))).to eq([["floor", "reps", 8], ["hands_30", "reps", 8], ["knees", "reps", 8], ["hands_60", "reps", 8], ["wall", "reps", 8]])
    expect(short(options(three).up_from("intermediate"))).to eq([["feet_30", "reps", 8]])
    expect(short(options(three).down_from("beginner")).first).to eq(["knees", "reps", 5])
  end

  it "may be asked down to half of the number, or to the bottom of a range" do
    expect(options(three).down_from("intermediate").first).to have_attributes(top: 8, low: 4)
    ranged = options(same("squat", "squat.parallel", reps: {"min" => 9, "max" => 14})).down_from("advanced").first
    expect(ranged).to have_attributes(number: 14, top: 14, low: 9)
    held = options(same("plank", "plank.forearm", hold_s: {"min" => 20, "max" => 40}), work_s: 60).down_from("advanced").first
    expect(held).to have_attributes(number: 40, low: 20)
  end

  it "are cut to what the window has time for, at the version's own tempo" do
    slow = options(same("thrust_press", "thrust_press.chair", reps: 20), work_s: 40).down_from("beginner").first
    expect(slow.number).to eq(slow.most)
    expect(slow.number * slow.prescription.seconds_per_move).to be <= 40
    paced = options(same("thrust_press", "thrust_press.chair", reps: 20), format: "rounds", rounds: 2).down_from("beginner").first
    expect([paced.number, paced.most]).to eq([20, nil])
    held = options(same("plank", "plank.forearm", hold_s: 60), work_s: 40).down_from("beginner").first
    expect([held.number, held.most]).to eq([40, 40])
    minute = options(same("push_up", "push_up.floor", reps: 60), format: "every_minute", interval_s: 60, rounds: 2).down_from("advanced").first
    expect(minute.number * minute.prescription.seconds_per_move).to be_between(50, 60)
  end

  it "are even where sides alternate, though the number that is aimed at is not" do
    marching = options(station("b", movement: "glute_bridge", levels: {"intermediate" => {"variation" => "glute_bridge.two_leg", "reps" => 7}, "advanced" => {"variation" => "glute_bridge.marching", "reps" => 7}}), work_s: 60)
    expect(marching.down_from("advanced").to_h { |option| [option.variation.id, option.number] }).to include("glute_bridge.marching" => 6, "glute_bridge.two_leg" => 7)
  end

  it "give a version of another measure its own opening number" do
    dip = options(same("side_plank", "side_plank.full", hold_s: 30), work_s: 60).up_from("advanced").find { |option| option.variation.id == "side_plank.dip" }
    expect([dip.unit, dip.number]).to eq(["reps", Sparrow::Catalogue.house.variation("side_plank.dip").target["reps"]])
    laddered = {"id" => "l", "role" => "main", "format" => "ladder", "rounds" => 3, "stations" => [station("h", movement: "hollow", ladder: {"total" => 30, "shape" => "descending"},
      levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "hollow.rock", "hold_s" => nil, "reps" => nil}] })]}
    read = Sparrow::Plan.read(workout_document(laddered)).blocks.first
    expect(described_class.new(read, read.stations.first).down_from("advanced").map { |option| [option.variation.measure, option.unit] }.uniq).to eq([%w[reps reps], %w[hold hold]])
  end

  it "ask for as many clean reps as the window allows where there is no number, and for all of it where it is kept up" do
    expect(short(options(same("squat", "squat.parallel", reps: nil)).down_from("beginner")).first).to eq(["parallel", "open", nil])
    march = options(station("m", movement: "high_knees"), work_s: 50).down_from("beginner").first
    expect([march.unit, march.number, march.top]).to eq(["work", nil, 50])
  end

  it "keep up for a time that the version says, where no window ends it" do
    kept = options(station("m", movement: "high_knees"), format: "amrap", cap_s: 600).down_from("advanced")
    expect(kept.map(&:top)).to all(be_between(5, 180))
  end

  it "take a ladder's largest round, and a day's minimum" do
    laddered = {"id" => "l", "role" => "main", "format" => "ladder", "rounds" => 4, "stations" => [same("squat", "squat.parallel", reps: nil).merge("ladder" => {"total" => 60, "shape" => "descending"})]}
    quota = {"id" => "q", "role" => "main", "format" => "quota", "stations" => [same("squat", "squat.parallel", reps: nil, quota: {"min" => 30, "max" => 50})]}
    numbers = [laddered, quota].map do |block|
      read = Sparrow::Plan.read(workout_document(block)).blocks.first
      described_class.new(read, read.stations.first).down_from("beginner").map(&:number).uniq
    end
    expect(numbers).to eq([[24], [30]])
  end

  it "keep a typed tempo on every version, and take each version's own where none is typed" do
    expect(every(options(same("squat", "squat.parallel", tempo: "3-0-3-0")), "advanced").map { |option| option.prescription.seconds_per_move }.uniq).to eq([6])
    own = every(options(station("s", movement: "squat")), "advanced").find { |option| option.variation.id == "squat.pause" }
    expect(own.prescription.seconds_per_move).to eq(own.variation.tempo.seconds * Rational("0.9"))
  end

  it "count as the version does, unless the station says otherwise" do
    bridges = every(options(station("b", movement: "glute_bridge")), "advanced").to_h { |option| [option.variation.id.split(".").last, option.prescription.counting.rule] }
    expect(bridges).to include("two_leg" => "each", "one_leg" => Sparrow::Catalogue.house.variation("glute_bridge.one_leg").counting)
    paired = options(station("b", movement: "lunge_back", counting: "pair")).down_from("advanced")
    expect(paired.map { |option| option.prescription.counting.rule }.uniq).to eq(%w[pair])
  end

  it "of a compound are the parts of the level and of those below it" do
    parts = [{"movement" => "high_knees", "reps" => 4}, {"movement" => "mountain_climber", "reps" => 4}]
    compound = {"id" => "c", "counting" => "compound", "parts" => parts, "levels" => Sparrow::Level::ALL.zip([4, 6, 8]).to_h { |level, reps| [level, {"reps" => reps}] }}
    found = options(compound, work_s: 240)
    expect(found.down_from("advanced").map { |option| [option.variation, option.number] }).to eq([[nil, 8], [nil, 6], [nil, 4]])
    expect([found.down_from("beginner").map(&:number), found.up_from("beginner")]).to eq([[4], []])
    expect(found.down_from("advanced").first.equipment).to include("mat")
  end

  describe Sparrow::Fitting::Option do
    def first(assigned, **block)
      read = Sparrow::Plan.read(workout_document(intervals([assigned], **block))).blocks.first
      Sparrow::Fitting::Options.new(read, read.stations.first).down_from("advanced").first
    end

    it "goes down in twos where sides alternate, in fives where it is held, from the number that is typed" do
      marching = first(station("b", movement: "glute_bridge", levels: {"advanced" => {"variation" => "glute_bridge.marching", "reps" => 10}}), work_s: 60)
      expect([marching.numbers, marching.numbers(to: marching.least)]).to eq([[10, 8, 6], [10, 8, 6, 4]])
      held = first(station("p", movement: "plank", levels: {"advanced" => {"variation" => "plank.forearm", "hold_s" => 33}}), work_s: 60)
      expect([held.numbers, held.least]).to eq([[33, 30, 25, 20], 5])
      expect(held.asking(20).prescription.hold_s).to eq(20)
    end

    it "is another option with another number, and the same version" do
      option = first(station("s", movement: "squat"), work_s: 60)
      less = option.asking(4)
      expect([less.number, less.prescription.reps_counted, less.variation]).to eq([4, 4, option.variation])
    end
  end
end
