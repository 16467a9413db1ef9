# frozen_string_literal: true

RSpec.describe "A target against its window" do
  def fit(station, level: "intermediate", **block)
    workout = Sparrow::Plan.read(workout_document(intervals([station], **block)))
    block = workout.blocks.first
    Sparrow::Planning::WindowFit.of(block, block.stations.first, level)
  end

  def squats(level, **keys)
    station("s1", movement: "squat", levels: {level => keys.transform_keys(&:to_s)})
  end

  it "has time for six moves of 3-0-3-0 in 40 seconds, so ten are too many" do
    ten = fit(squats("intermediate", reps: 10, tempo: "3-0-3-0"))
    expect([ten.fits, ten.overrun?, ten.set_s]).to eq([6, true, 60])
    expect(fit(squats("intermediate", reps: 6, tempo: "3-0-3-0"))).not_to be_overrun
  end

  it "stretches a default tempo by the level's pace, exactly" do
    expect(fit(squats("beginner", reps: 8), level: "beginner").fits).to eq(10) # 40 / 3.75
    expect(fit(squats("advanced", reps: 8, variation: "squat.parallel"), level: "advanced").fits).to eq(14) # 40 / 2.7
  end

  it "leaves a typed tempo as it was typed" do
    expect(fit(squats("beginner", reps: 8, tempo: "2-0-2-0"), level: "beginner").fits).to eq(10)
  end

  it "counts both sides' moves in one window" do
    expect(fit(squats("intermediate", reps: 8, counting: "pair")).fits).to eq(6) # 13 moves
  end

  it "lets the shorter half decide for a number that is for each side" do
    bridge = station("s1", levels: {"advanced" => {"reps" => 4, "tempo" => "2-0-1-0"}}, sides: "split")
    expect(fit(bridge, level: "advanced", switch_s: 5).fits).to eq(5) # halves of 20 and 15 s
  end

  it "gives a full window to each side where the station takes two" do
    bridge = station("s1", levels: {"advanced" => {"reps" => 4, "tempo" => "2-0-1-0"}}, sides: "each")
    both = fit(bridge, level: "advanced")
    expect([both.fits, both.window_s]).to eq([13, 80])
  end

  it "says nothing of reps for a variation that is held" do
    expect(fit(station("s1", movement: "plank")).fits).to be_nil
  end

  it "takes the maximum of a range" do
    range = fit(squats("intermediate", reps: {"min" => 8, "max" => 14}))
    expect([range.fits, range.overrun?]).to eq([13, true])
  end

  describe "in words" do
    def words(station, level = "intermediate")
      block = Sparrow::Plan.read(workout_document(intervals([station]))).blocks.first
      Sparrow::Planning::Wording.of(block.stations.first.at(level))
    end

    it "shows both numbers where they differ" do
      expect(words(squats("intermediate", reps: 12, counting: "pair"))).to eq("12 pairs, 24 moves")
      expect(words(station("s1"), "advanced")).to match(/\A\d+ a side, \d+ moves\z/)
    end

    it "shows one number where they do not" do
      expect(words(squats("intermediate", reps: 12))).to eq("12 reps")
      expect(words(squats("intermediate", reps: {"min" => 8, "max" => 12}))).to eq("8–12 reps")
    end

    it "names a hold, a time, and clean reps" do
      expect(words(station("s1", movement: "plank", levels: {"intermediate" => {"hold_s" => 25}}))).to eq("hold 25 s")
      expect(words(station("s1", movement: "plank"))).to eq("hold 40 s")
      expect(words(station("s1", movement: "high_knees"))).to eq("for 40 s")
      clean = squats("intermediate")
      clean["levels"]["intermediate"].delete("reps")
      expect(words(clean)).to eq("as many clean reps as 40 s allow")
    end

    it "gives the seconds of one side where a station is worked a side at a time, the first where one is odd" do
      stretch = station("s", movement: "side_plank", sides: "split")
      stretch["levels"].each_value { |level| level.delete("reps") }
      halves = timeline_of(intervals([stretch], work_s: 31)).workout.blocks.first.stations.first
      expect(Sparrow::Planning::Wording.at(halves, "advanced")).to eq("hold 16 s each side")
      whole = timeline_of(intervals([stretch.merge("sides" => "each")], work_s: 30)).workout.blocks.first.stations.first
      expect(Sparrow::Planning::Wording.at(whole, "advanced")).to eq("hold 30 s each side")
    end

    it "multiplies out a compound count" do
      compound = {"id" => "s1", "counting" => "compound",
                  "parts" => [{"movement" => "squat", "reps" => 4}, {"movement" => "mountain_climber", "reps" => 4}],
                  "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 8}] }}
      expect(words(compound)).to eq("8 cycles, 64 moves")
    end
  end
end
