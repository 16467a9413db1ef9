# frozen_string_literal: true

RSpec.describe "Targets of paced blocks" do
  def uneven(id = "s")
    station(id, movement: "step_up", levels: {
      "beginner" => {"variation" => "step_up.low", "reps" => 4}, "intermediate" => {"variation" => "step_up.low", "reps" => 6},
      "advanced" => {"variation" => "step_up.low", "reps" => 12}
    })
  end

  def solved(format, stations = [uneven], window_s: nil, **keys)
    document = workout_document({"id" => "b", "role" => "main", "format" => format, "stations" => stations, **keys.transform_keys(&:to_s)})
    answer = Sparrow::Planning::Solve.new(Sparrow::Plan.read(document), window_s: window_s).call
    after = Sparrow::Pointer.put(document, answer["patch"].map { |step| step.values_at("path", "value") })
    [answer["rows"].first, Sparrow::Plan.read(after).blocks.first, answer]
  end

  it "brings the rounds of as many rounds as possible to the same length" do
    row, = solved("amrap", cap_s: 60)
    expect(row["spread_after_s"]).to be < row["spread_before_s"]
  end

  it "brings a chipper's lanes to its cap's fill, and no further" do
    row, = solved("chipper", [uneven("a"), uneven("b")], cap_s: 120)
    expect(row["after"].values.max).to be <= 120 * 0.9
  end

  it "brings lanes to an aim that is given" do
    row, = solved("rounds", rounds: 2, target_s: 100)
    expect(row["after"].values).to all(be <= 90)
  end

  it "looks at each station by itself where all wait at each" do
    _, _, answer = solved("rounds", [uneven("a"), uneven("b")], rounds: 2, gate: "station")
    expect(answer["changes"].map { |change| change["station"] }.uniq).to match_array(%w[a b])
  end

  it "chooses holds in fives where all wait at each station" do
    planks = station("p", movement: "plank", levels: {"beginner" => {"hold_s" => 13}, "intermediate" => {"hold_s" => 20}, "advanced" => {"hold_s" => 42}})
    _, block, = solved("rounds", [planks], rounds: 1, gate: "station", window_s: 40)
    expect(block.stations.first.levels.each_value.map(&:hold_s)).to eq([35, 35, 35])
  end

  it "turns holds with the reps where all wait at each round, and leaves of a hold its part" do
    planks = station("p", movement: "plank", levels: Sparrow::Level::ALL.zip([10, 10, 60]).to_h { |level, hold_s| [level, {"variation" => "plank.forearm", "hold_s" => hold_s}] })
    row, block, answer = solved("rounds", [uneven, planks], rounds: 2)
    expect(answer["changes"].map { |change| change["key"] }).to include("hold_s", "reps")
    expect(block.stations.last.levels.each_value.map(&:hold_s)).to all(satisfy { |seconds| (seconds % 5).zero? })
    expect(row["spread_after_s"]).to be < row["spread_before_s"]
    expect(block.stations.last.at("beginner").hold_s).to be <= 20 # 25 s is the most that the profile holds
  end

  it "never gives a lower level more than a higher one of the same version" do
    _, block, = solved("rounds", rounds: 3, window_s: 200)
    numbers = block.stations.first.levels.each_value.map(&:reps_counted)
    expect(numbers).to eq(numbers.sort)
  end

  it "changes nothing where nothing can be chosen" do
    stretch = station("c", movement: "chest_stretch")
    _, _, answer = solved("rounds", [stretch], rounds: 1)
    expect(answer["patch"]).to eq([])
  end
end
