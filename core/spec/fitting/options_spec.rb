# frozen_string_literal: true

RSpec.describe Sparrow::Fitting::Options do
  def options(assigned, **block)
    workout = Sparrow::Plan.read(workout_document(intervals([assigned], **block)))
    described_class.new(workout.blocks.first.stations.first, workout.house)
  end

  def ladder(assigned, **block)
    options(assigned, **block).all.map { |option| [option.variation.id.split(".").last, option.level, option.unit, option.number] }
  end

  it "lists a ladder's variations from the hardest down, each with the number of the level whose band holds it" do
    assigned = station("p", movement: "push_up", levels: {"beginner" => {"variation" => "push_up.knees", "reps" => 5}, "intermediate" => {"variation" => "push_up.floor", "reps" => 8},
                                                          "advanced" => {"variation" => "push_up.feet_30", "reps" => 12}})
    expect(ladder(assigned)).to eq([
      ["feet_30", "advanced", "reps", 12], ["floor", "intermediate", "reps", 8], ["hands_30", "intermediate", "reps", 8],
      ["knees", "beginner", "reps", 5], ["hands_60", "beginner", "reps", 5], ["wall", "beginner", "reps", 5]
    ])
  end

  it "lists one variation with each level's number, the higher first, where the levels share it" do
    assigned = station("s", movement: "squat", levels: Sparrow::Level::ALL.zip([10, 15, 20]).to_h { |level, reps| [level, {"variation" => "squat.parallel", "reps" => reps}] })
    parallel = ladder(assigned).select { |variation, *| variation == "parallel" }
    expect(parallel.map(&:last)).to eq([20, 15, 10])
    expect(parallel.map { |_, level, *| level }).to eq(%w[advanced intermediate beginner])
  end

  it "lists one variation once where the levels are asked the same" do
    assigned = station("s", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel", "reps" => 10}] })
    expect(ladder(assigned).count { |variation, *| variation == "parallel" }).to eq(1)
  end

  it "takes the minimum of a range of reps and of a range of holds" do
    ranged = station("s", movement: "squat", levels: {"advanced" => {"variation" => "squat.parallel", "reps" => {"min" => 8, "max" => 14}}})
    expect(ladder(ranged)).to include(["parallel", "advanced", "reps", 8])
    held = station("p", movement: "plank", levels: {"intermediate" => {"variation" => "plank.forearm", "hold_s" => {"min" => 20, "max" => 40}}})
    expect(ladder(held)).to include(["forearm", "intermediate", "hold", 20])
  end

  it "gives a variation of another measure its own target" do
    holds = station("p", movement: "side_plank", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "side_plank.full", "hold_s" => 30}] })
    dip = options(holds).all.find { |option| option.variation.id == "side_plank.dip" }
    expect([dip.unit, dip.number]).to eq(["reps", Sparrow::Catalogue.house.variation("side_plank.dip").target["reps"]])
  end

  it "asks for as many clean reps as the window allows where there is no number, and for all of it where it is kept up" do
    open = station("s", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel", "reps" => nil}] })
    expect(ladder(open)).to include(["parallel", "beginner", "open", nil])
    expect(ladder(station("m", movement: "high_knees")).map { |_, _, unit, number| [unit, number] }.uniq).to eq([["work", nil]])
  end

  it "takes a ladder's largest round, and a day's minimum" do
    laddered = {"id" => "l", "role" => "main", "format" => "ladder", "rounds" => 4,
                "stations" => [station("s", movement: "squat", ladder: {"total" => 60, "shape" => "descending"},
                  levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel", "reps" => nil}] })]}
    workout = Sparrow::Plan.read(workout_document(laddered))
    expect(described_class.new(workout.blocks.first.stations.first, workout.house).all.find { |option| option.variation.id == "squat.parallel" }.number).to eq(24)
    quota = {"id" => "q", "role" => "main", "format" => "quota", "stations" => [station("s", movement: "squat",
      levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel", "reps" => nil, "quota" => {"min" => 30, "max" => 50}}] })]}
    workout = Sparrow::Plan.read(workout_document(quota))
    expect(described_class.new(workout.blocks.first.stations.first, workout.house).all.map(&:number).uniq).to eq([30])
  end

  it "keeps a typed tempo on every variation, and takes each variation's own where none is typed" do
    typed = station("s", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel", "tempo" => "3-0-3-0"}] })
    expect(options(typed).all.map { |option| option.prescription.seconds_per_move }.uniq).to eq([6])
    plain = options(station("s", movement: "squat")).all
    own = plain.find { |option| option.variation.id == "squat.pause" }
    expect(own.prescription.seconds_per_move).to eq(own.variation.tempo.seconds * Rational("0.9"))
  end

  it "counts as the variation does, unless the station says otherwise" do
    bridges = options(station("b", movement: "glute_bridge")).all.to_h { |option| [option.variation.id.split(".").last, option.prescription.counting.rule] }
    expect(bridges).to include("two_leg" => "each", "one_leg" => Sparrow::Catalogue.house.variation("glute_bridge.one_leg").counting)
    paired = options(station("b", movement: "lunge_back", counting: "pair")).all
    expect(paired.map { |option| option.prescription.counting.rule }.uniq).to eq(%w[pair])
  end

  it "offers a compound in the three ways it is planned" do
    parts = [{"movement" => "high_knees", "reps" => 4}, {"movement" => "mountain_climber", "reps" => 4}]
    compound = {"id" => "c", "counting" => "compound", "parts" => parts, "levels" => Sparrow::Level::ALL.zip([4, 6, 8]).to_h { |level, reps| [level, {"reps" => reps}] }}
    expect(options(compound).all.map { |option| [option.variation, option.number] }).to eq([[nil, 8], [nil, 6], [nil, 4]])
    expect(options(compound).all.first.equipment).to include("mat")
  end

  describe Sparrow::Fitting::Option do
    let(:lunges) { Sparrow::Plan.read(workout_document(intervals([station("l", movement: "lunge_back", counting: "each")]))).blocks.first.stations.first }
    let(:alternating) { Sparrow::Fitting::Options.new(lunges, Sparrow::Standards::House.plain).all.find { |option| option.unit == "reps" } }

    it "goes down in twos where sides alternate, in fives where it is held" do
      expect(alternating.step).to eq(alternating.prescription.requires_even_count? ? 2 : 1)
      plank = Sparrow::Plan.read(workout_document(intervals([station("p", movement: "plank", levels: {"advanced" => {"variation" => "plank.forearm", "hold_s" => 30}})]))).blocks.first.stations.first
      held = Sparrow::Fitting::Options.new(plank, Sparrow::Standards::House.plain).all.find { |option| option.unit == "hold" }
      expect([held.step, held.least]).to eq([5, 5])
      expect(held.asking(20).prescription.hold_s).to eq(20)
    end

    it "is another option with another number, and the same variation" do
      less = alternating.asking(4)
      expect([less.number, less.prescription.reps_counted, less.variation]).to eq([4, 4, alternating.variation])
      expect(alternating.number).not_to eq(4)
    end
  end
end
