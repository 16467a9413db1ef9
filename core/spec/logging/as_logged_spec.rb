# frozen_string_literal: true

RSpec.describe Sparrow::Logging::AsLogged do
  let(:timeline) { timeline_of(intervals([station("p", movement: "push_up"), station("s", movement: "squat")], rounds: 2)) }

  def did(done)
    described_class.of(timeline, "beginner", done, catalogue: Sparrow::Catalogue.house).blocks.first.visits
  end

  it "leaves out what somebody skipped, and what the other levels did" do
    visits = did(["main", "s"] => nil)
    expect(visits["beginner"].map { |visit| [visit.station.id, visit.round, visit.prescription.movement.id] }).to eq([["s", 1, "squat"], ["s", 2, "squat"]])
    expect(visits.values_at("intermediate", "advanced")).to eq([[], []])
    expect(did({})["beginner"]).to eq([])
  end

  it "counts what was logged by hand of a station that the class never reached as it was planned, and of others the rounds that were" do
    reached = timeline.with_visits { |_, _, visits| visits.select { |visit| visit.station.id == "p" && visit.round == 1 } }
    logged = described_class.of(reached, "beginner", {["main", "p"] => nil, ["main", "s"] => nil}, plan: timeline, catalogue: Sparrow::Catalogue.house)
    expect(logged.blocks.first.visits["beginner"].map { |visit| [visit.station.id, visit.round] }).to eq([["p", 1], ["s", 1], ["s", 2]])
  end

  it "counts another version as what it is" do
    visits = did(["main", "p"] => "plank.forearm", ["main", "s"] => timeline.workout.blocks.first.stations.last.at("beginner").variation.id)
    expect(visits["beginner"].map { |visit| visit.prescription.movement.pattern }).to eq(%w[trunk_bracing squat trunk_bracing squat])
    expect(visits["beginner"].map(&:work_s)).to eq(timeline.blocks.first.visits["beginner"].map(&:work_s))
  end
end
