# frozen_string_literal: true

RSpec.describe Sparrow::Planning::Solve do
  let(:squats) { station("s", movement: "squat", levels: {"beginner" => {"reps" => 3}, "intermediate" => {"reps" => 3}, "advanced" => {"reps" => 3}}) }

  def solve(*blocks, **place)
    document = workout_document(*blocks)
    [described_class.new(Sparrow::Plan.read(document), **place).call, document]
  end

  def patched(document, answer)
    Sparrow::Pointer.put(document, answer["patch"].map { |step| step.values_at("path", "value") })
  end

  it "fills nine tenths of each level's window from below" do
    answer, document = solve(intervals([squats], work_s: 40))
    after = Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(patched(document, answer)))
    after.workout.blocks.first.stations.first.levels.each_value do |prescription|
      expect(prescription.set_s).to be <= 36
      expect(prescription.set_s + prescription.seconds_per_move).to be > 36 - prescription.seconds_per_move
    end
    expect(answer["rows"].first.keys).to include("spread_before_s", "spread_after_s")
  end

  it "leaves the reserve in the worst round" do
    hard = station("s", movement: "push_up", levels: {"beginner" => {"reps" => 2}, "intermediate" => {"reps" => 2}, "advanced" => {"reps" => 2}})
    answer, document = solve(intervals([hard], work_s: 60, rest_s: 20, rounds: 4))
    after = Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(patched(document, answer)))
    lanes = Sparrow::Capacity::Lanes.new(after)
    worst = after.workout.blocks.first.stations.first.levels.each_value.map { |prescription| lanes.worst(prescription).reserve }
    expect(worst).to all(be >= 2 - 1e-9)
  end

  it "brings paced lanes nearer to one another, none above the slowest" do
    uneven = station("s", movement: "squat", levels: {"beginner" => {"reps" => 4, "variation" => "squat.chair_sit"},
                                                      "intermediate" => {"reps" => 8, "variation" => "squat.chair_tap"}, "advanced" => {"reps" => 20, "variation" => "squat.parallel"}})
    answer, = solve({"id" => "r", "role" => "main", "format" => "rounds", "rounds" => 2, "stations" => [uneven]})
    row = answer["rows"].first
    expect(row["spread_after_s"]).to be < row["spread_before_s"]
    expect(row["after"].values.max).to be <= row["before"].values.max
  end

  it "takes a window of its own, and one station alone" do
    answer, = solve(intervals([squats, station("t", movement: "squat")], work_s: 40), block: "main", station: "s", window_s: 20)
    expect(answer["changes"].map { |change| change["station"] }.uniq).to eq(%w[s])
    expect(answer["rows"].size).to eq(1)
    expect(answer["rows"].first["after"].values).to all(be <= 18)
  end

  it "keeps alternating numbers even, and a range a range" do
    lunges = station("s", movement: "lunge_back", levels: {"beginner" => {"reps" => 4}, "intermediate" => {"reps" => {"min" => 4, "max" => 6}}, "advanced" => {"reps" => 4}})
    answer, document = solve(intervals([lunges], work_s: 45))
    station = Sparrow::Plan.read(patched(document, answer)).blocks.first.stations.first
    expect(station.levels.each_value.map { |prescription| prescription.reps.max }).to all(be_even)
    expect(station.at("intermediate").reps.size).to eq(3)
  end

  it "says what it leaves alone and why" do
    ladder = {"id" => "l", "role" => "main", "format" => "ladder", "rounds" => 2, "stations" => []}
    answer, = solve({**ladder, "stations" => [{"id" => "a", "movement" => "squat", "ladder" => {"total" => 12, "shape" => "flat"}, "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel"}] }}]}, pause)
    expect(answer["kept"].map { |kept| kept["block"] }).to eq(%w[l pause])
    expect(answer["changes"]).to eq([])
  end

  describe "a ladder's shares" do
    def ladder(**keys)
      {"id" => "l", "role" => "main", "format" => "ladder", "rounds" => 4, "gate" => "free", "scaling" => "share",
       "stations" => [{"id" => "a", "movement" => "squat", "ladder" => {"total" => 60, "shape" => "descending"},
                       "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel"}] }}], **keys}
    end

    it "are turned until the lanes finish together, lower levels never above higher ones" do
      answer, document = solve(ladder("shares" => {"beginner" => 20, "intermediate" => 50, "advanced" => 100}))
      row = answer["rows"].first
      expect(row["spread_after_s"]).to be < row["spread_before_s"]
      shares = patched(document, answer)["blocks"].first["shares"]
      expect(shares.values_at(*Sparrow::Level::ALL)).to eq(shares.values_at(*Sparrow::Level::ALL).sort)
      expect(answer["changes"].map { |change| change["key"] }.uniq).to eq(%w[share])
    end

    it "find their place where none are typed yet" do
      answer, document = solve(ladder, window_s: 120)
      expect(answer["patch"].first).to include("path" => "/blocks/0/shares", "value" => {})
      expect(answer["rows"].first["after"].values).to all(be <= 108)
      expect(patched(document, answer)["blocks"].first["shares"].values).to all(be < 100)
    end

    it "are left where a share would leave a round with nothing" do
      answer, = solve(ladder, window_s: 10)
      expect(answer["changes"]).to eq([])
    end

    it "are the block's: for one station alone the reason is told" do
      answer, = solve(ladder, block: "l", station: "a")
      expect(answer["kept"].first["why"]).to include("whole block")
    end
  end

  describe "the work time that the numbers need" do
    def timed(reps, **levels)
      station("s", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel", "reps" => reps, "tempo" => "1-0-1-0", **levels.fetch(level.to_sym, {})}] })
    end

    it "is the shortest in fives in which every level is done at the window's fill" do
      answer, document = solve(intervals([timed(14)], work_s: 60, rounds: 2), choose: "work")
      expect(answer["changes"]).to contain_exactly(include("key" => "work_s", "level" => nil, "from" => 60, "to" => 35))
      expect(patched(document, answer)["blocks"].first["stations"].first["work_s"]).to eq(35)
      expect(answer["total_before_s"] - answer["total_after_s"]).to eq(50)
    end

    it "is a level's own where it has one" do
      answer, = solve(intervals([timed(14, beginner: {"work_s" => 20})], work_s: 60), choose: "work")
      expect(answer["changes"].map { |change| change.values_at("level", "to") }).to contain_exactly(["beginner", 35], [nil, 35])
    end

    it "holds on both sides where a station takes a window a side" do
      lunges = station("s", movement: "split_squat", sides: "each", counting: "per_side", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "split_squat.supported", "reps" => 9, "tempo" => "1-0-1-0"}] })
      answer, document = solve(intervals([lunges], work_s: 60), choose: "work")
      block = Sparrow::Plan.read(patched(document, answer)).blocks.first
      expect(block.stations.first.at("advanced").work_s).to eq(20)
      expect(Sparrow::Planning::WindowFit.of(block, block.stations.first, "advanced")).not_to be_overrun
    end

    it "is not there where the people set the pace, or the clock starts each set" do
      paced = {"id" => "r", "role" => "main", "format" => "rounds", "rounds" => 2, "stations" => [timed(5)]}
      minute = {"id" => "m", "role" => "main", "format" => "every_minute", "rounds" => 2, "interval_s" => 60, "stations" => [timed(5)]}
      answer, = solve(paced, minute, choose: "work")
      expect(answer["kept"].map { |kept| kept["block"] }).to eq(%w[r m])
      expect(answer["changes"]).to eq([])
    end
  end

  it "refuses a place that is not there" do
    expect { solve(intervals(1), block: "nowhere") }.to raise_error(Sparrow::Refused, /is not a block/)
    expect { solve(intervals(1), block: "main", station: "nowhere") }.to raise_error(Sparrow::Refused, /is not a station/)
  end
end
