# frozen_string_literal: true

RSpec.describe "Level beats station beats block" do
  def cell(station, level: "beginner", **block)
    Sparrow::Plan.read(workout_document(intervals([station], **block))).blocks.first.stations.first.at(level)
  end

  def squat(beginner = {}, **keys)
    station("s1", movement: "squat", levels: {"beginner" => beginner.transform_keys(&:to_s)}, **keys)
  end

  it "for the work time" do
    expect(cell(squat).work_s).to eq(40)
    expect(cell(squat(work_s: 30)).work_s).to eq(30)
    expect(cell(squat({work_s: 20}, work_s: 30)).work_s).to eq(20)
  end

  it "for the rest" do
    expect(cell(squat).rest_s).to eq(20)
    expect(cell(squat(rest_s: 15)).rest_s).to eq(15)
    expect(cell(squat({rest_s: 0}, rest_s: 15)).rest_s).to eq(0)
  end

  it "for the sides, which are both where nobody says" do
    expect(cell(squat).sides).to eq("both")
    expect(cell(squat(sides: "split")).sides).to eq("split")
    expect(cell(squat({sides: "both"}, sides: "split")).sides).to eq("both")
  end

  it "for the counting, which is the variation's where nobody says" do
    expect(cell(squat).counting.rule).to eq("each")
    expect(cell(squat(counting: "pair")).counting.rule).to eq("pair")
    expect(cell(squat({counting: "one_side"}, counting: "pair")).counting.rule).to eq("one_side")
    expect(cell(station("s1"), level: "advanced").counting.rule).to eq("per_side")
  end

  it "leaves the other levels as they were" do
    expect(cell(squat(work_s: 30), level: "advanced").work_s).to eq(30)
    expect(cell(squat({work_s: 10}), level: "advanced").work_s).to eq(40)
  end

  describe "and the house" do
    def seconds_per_move(house, tempo: nil)
      document = workout_document(intervals([squat({tempo: tempo}.compact)]), house: house)
      Sparrow::Plan.read(document).blocks.first.stations.first.at("beginner").seconds_per_move
    end

    it "stretches a default tempo by the pace in the document, exactly" do
      expect(seconds_per_move({})).to eq(Rational(15, 4))
      expect(seconds_per_move({"pace" => {"beginner" => 1.1}})).to eq(Rational(33, 10))
    end

    it "keeps the other levels' pace where one is given" do
      house = Sparrow::Standards::House.read("pace" => {"beginner" => 2})
      expect(house.pace).to eq("beginner" => 2, "intermediate" => 1, "advanced" => Rational(9, 10))
    end

    it "has house numbers for what nobody gives" do
      expect(Sparrow::Standards::House.read(nil)).to have_attributes(transition_s: 5, position_change_s: 10, reserve: 2)
      expect(Sparrow::Standards::House.read("reserve" => 3).reserve).to eq(3)
    end

    it "leaves a typed tempo alone" do
      expect(seconds_per_move({"pace" => {"beginner" => 2}}, tempo: "1-0-1-0")).to eq(2)
    end
  end

  it "settles a compound's pace from its parts" do
    parts = [{"movement" => "squat", "reps" => 2}, {"movement" => "push_up", "reps" => 2}]
    compound = {"id" => "s1", "counting" => "compound", "parts" => parts,
                "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 3}] }}
    prescription = cell(compound, level: "intermediate")
    expect([prescription.seconds_per_move, prescription.moves]).to eq([3, 12])
  end

  it "counts a part that is kept up for a time by the second" do
    parts = [{"movement" => "high_knees", "reps" => 4}, {"movement" => "mountain_climber", "reps" => 4}]
    compound = {"id" => "s1", "counting" => "compound", "parts" => parts,
                "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 8}] }}
    expect(cell(compound, level: "intermediate")).to have_attributes(moves: 64, seconds_per_move: Rational(3, 2))
  end

  it "compares values by what they hold, and copies with changes" do
    prescription = cell(squat)
    expect(prescription).to eq(cell(squat))
    expect(prescription.with(note: "slow")).to have_attributes(note: "slow", level: "beginner")
    expect { prescription.with(colour: 1) }.to raise_error(ArgumentError)
    expect(prescription).to be_frozen
  end
end
