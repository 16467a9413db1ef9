# frozen_string_literal: true

RSpec.describe Sparrow::Planning::Solve::ByShares do
  def ladder(stations, **keys)
    {"id" => "l", "role" => "main", "format" => "ladder", "rounds" => 3, "gate" => "round", "scaling" => "share", "stations" => stations, **keys.transform_keys(&:to_s)}
  end

  def variation(id, movement, variation, total, **keys)
    station(id, movement: movement, ladder: {"total" => total, "shape" => "flat"}, levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => variation, "reps" => nil}] }, **keys)
  end

  def solved(block, **rest)
    workout = Sparrow::Plan.read(workout_document(block))
    answer = Sparrow::Planning::Solve.new(workout, **rest).call
    [answer, Sparrow::Pointer.put(workout.document, answer["patch"].map { |step| step.values_at("path", "value") })["blocks"].first]
  end

  let(:squats) { variation("a", "squat", "squat.parallel", 60) }

  it "keeps within the fill of a cap, a target time or a window that is given" do
    {cap_s: 240, target_s: 200}.each do |key, seconds|
      answer, = solved(ladder([squats], key => seconds))
      expect(answer["rows"].first["after"].values).to all(be <= seconds * 0.9), key.to_s
    end
    answer, = solved(ladder([squats]), window_s: 150)
    expect(answer["rows"].first["after"].values).to all(be <= 135)
  end

  it "leaves a level its reserve in the worst round" do
    _, block = solved(ladder([variation("p", "push_up", "push_up.floor", 30)]))
    timeline = Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(workout_document(block)))
    lanes = Sparrow::Capacity::Lanes.new(timeline)
    prescription = timeline.workout.blocks.first.stations.first.at("advanced")
    expect(lanes.worst(prescription)).to satisfy { |point| point.keeps?(2) }
  end

  it "turns only in fives, and the beginner's share is never the highest" do
    _, block = solved(ladder([squats]), window_s: 120)
    shares = block["shares"].values_at(*Sparrow::Level::ALL).compact
    expect(shares).to all(satisfy { |share| (share % 5).zero? })
    expect(shares).to eq(shares.sort)
  end

  it "leaves stations with shares of their own, and blocks of another school, as they are" do
    own = squats.merge("shares" => {"beginner" => 20, "intermediate" => 40, "advanced" => 60})
    answer, = solved(ladder([own]))
    expect(answer["changes"]).to eq([])
    expect(answer["kept"].first["why"]).to include("scale it by shares")
    answer, = solved(ladder([squats]).merge("scaling" => "variation"))
    expect(answer["changes"]).to eq([])
  end
end
