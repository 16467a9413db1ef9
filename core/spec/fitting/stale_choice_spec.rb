# frozen_string_literal: true

RSpec.describe Sparrow::Fitting::StaleChoice do
  let(:catalogue) { Sparrow::Catalogue.house }
  let(:documents) do
    parts = {"id" => "c", "counting" => "compound", "parts" => [{"movement" => "high_knees", "reps" => 4}, {"movement" => "mountain_climber", "reps" => 4}],
             "levels" => Sparrow::Level::ALL.to_h { |level| [level, {}] }}
    workout_document(intervals([station("p", movement: "push_up"), parts]))
  end
  let(:stations) { Sparrow::Plan.read(documents).blocks.first.stations }

  def reason(station, movement: "push_up", variation: "push_up.knees", limits: [])
    described_class.reason(station, movement: movement, variation: variation, limits: limits, catalogue: catalogue)&.to_s
  end

  it "holds where the station is as it was" do
    expect(reason(stations.first)).to be_nil
    expect(reason(stations.last, movement: nil, variation: nil)).to be_nil
  end

  it "is stale where the station has gone" do
    expect(reason(nil)).to match(/not in the circuit/)
  end

  it "is stale where the station is another movement, or a set of parts, by now" do
    expect(reason(stations.first, movement: "squat")).to include("Push-up")
    expect(reason(stations.last)).to include("set of parts")
    expect(reason(stations.first, movement: nil, variation: nil)).to include("Push-up")
  end

  it "is stale where a version is named and there is none, or the other way round" do
    expect(reason(stations.first, variation: nil)).to match(/names no version/)
    expect(reason(stations.last, movement: nil)).to match(/set of/)
  end

  it "is stale where its version has gone from the catalogue" do
    expect(reason(stations.first, variation: "push_up.nowhere")).to match(/not in the/)
  end

  it "is stale where a limit rules it out by now" do
    wrist = Sparrow::People::Limits::Form.limits_of("limits" => [{"kind" => "wrist", "severity" => "avoid"}])
    expect(reason(stations.first, limits: wrist)).to match(/limit/)
    knee = Sparrow::People::Limits::Form.limits_of("limits" => [{"kind" => "ankle", "severity" => "avoid"}])
    expect(reason(stations.first, variation: "push_up.wall", limits: knee)).to be_nil
  end
end
