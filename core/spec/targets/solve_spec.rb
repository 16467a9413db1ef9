# frozen_string_literal: true

RSpec.describe Sparrow::Targets::Solve do
  let(:squats) { station("s", movement: "squat", levels: {"beginner" => {"reps" => 3}, "intermediate" => {"reps" => 3}, "advanced" => {"reps" => 3}}) }

  def solve(*blocks, **place)
    document = workout_document(*blocks)
    [described_class.new(document, **place).call, document]
  end

  def patched(document, answer)
    Sparrow::Pointer.put(document, answer["patch"].map { |step| step.values_at("path", "value") })
  end

  it "fills nine tenths of each level's window from below" do
    answer, document = solve(intervals([squats], work_s: 40))
    after = Sparrow::Timeline.compile(Sparrow::Circuit.read(patched(document, answer)))
    after.workout.blocks.first.stations.first.levels.each_value do |take|
      expect(take.set_s).to be <= 36
      expect(take.set_s + take.seconds_per_move).to be > 36 - take.seconds_per_move
    end
    expect(answer["rows"].first.keys).to include("spread_before_s", "spread_after_s")
  end

  it "leaves the reserve in the worst round" do
    hard = station("s", movement: "push_up", levels: {"beginner" => {"reps" => 2}, "intermediate" => {"reps" => 2}, "advanced" => {"reps" => 2}})
    answer, document = solve(intervals([hard], work_s: 60, rest_s: 20, rounds: 4))
    after = Sparrow::Timeline.compile(Sparrow::Circuit.read(patched(document, answer)))
    lanes = Sparrow::Capacity::Lanes.new(after)
    worst = after.workout.blocks.first.stations.first.levels.each_value.map { |take| lanes.worst(take).reserve }
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
    station = Sparrow::Circuit.read(patched(document, answer)).blocks.first.stations.first
    expect(station.levels.each_value.map { |take| take.reps.max }).to all(be_even)
    expect(station.at("intermediate").reps.size).to eq(3)
  end

  it "says what it leaves alone and why" do
    ladder = {"id" => "l", "role" => "main", "format" => "ladder", "rounds" => 2, "stations" => []}
    answer, = solve(ladder, pause)
    expect(answer["kept"].map { |kept| kept["block"] }).to eq(%w[l pause])
    expect(answer["changes"]).to eq([])
  end

  it "refuses a place that is not there" do
    expect { solve(intervals(1), block: "nowhere") }.to raise_error(Sparrow::Refused, /is not a block/)
    expect { solve(intervals(1), block: "main", station: "nowhere") }.to raise_error(Sparrow::Refused, /is not a station/)
  end
end
