# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe Server::People::Evidence do
  let(:studio) { make_studio }
  let(:somebody) { studio.people.create!(name: "Tamsin Okoro", level: "intermediate") }
  let(:run) do
    workout = Server::Records::Workout.begin(studio, Sparrow::Preview.new(workout_document(intervals(1))), by: nil)
    Server::Records::Run.open(workout, client_key: "12345678", by: nil).tap { |held| held.update!(started_at: Time.utc(2026, 11, 17, 18, 30)) }
  end
  let(:attendance) { run.attendances.create!(studio_id: studio.id, person: somebody, present: true, level: "intermediate", created_at: Time.now.utc) }

  def result(variation, station: "s1", **fields)
    attendance.results.create!(studio_id: studio.id, block: "main", station: station, level: "intermediate", variation: variation, **fields)
  end

  def tested(test, variation, amount)
    somebody.benchmarks.create!(studio_id: studio.id, test: test, variation: variation, amount: amount, taken_on: Date.new(2026, 11, 1))
  end

  def found
    described_class.of(somebody.reload, Sparrow::Catalogue.house)
  end

  it "is what was tested, at the variation and on the day it was" do
    tested("push_ups", "push_up.floor", 12)
    tested("plank", "plank.forearm", 70)
    expect(found.map { |item| [item.pattern, item.yields, item.amount, item.source, item.on] }).to contain_exactly(
      ["push", "reps", 12, "measured", Date.new(2026, 11, 1)], ["trunk_bracing", "hold", 70, "measured", Date.new(2026, 11, 1)]
    )
  end

  it "takes a count against the clock, and a step rate, for what they stand for" do
    tested("sit_to_stand", "squat.chair_sit", 12)
    tested("steps", "high_knees.quick_march", 100)
    expect(found.to_h { |item| [item.pattern, item.amount] }).to eq("squat" => 20, "gait" => 300)
  end

  it "is a set with what was left of it, for each side where sides alternate" do
    result("push_up.floor", reps: 8, reps_left: 2)
    result("lunge_back.free", station: "s2", reps: 10, reps_left: 3)
    lunge = Sparrow::Catalogue.house.variation("lunge_back.free")
    moves = Sparrow::Counting.of(lunge.counting).moves(10)
    expect(found.to_h { |item| [item.pattern, item.amount] }).to eq("push" => 10, "lunge" => moves / 2 + 3)
    expect(found.map(&:on).uniq).to eq([Date.new(2026, 11, 17)])
  end

  it "is the least that is there where a target was met and nothing noted, for twelve weeks" do
    result("push_up.floor", reps: 8, least: 8)
    result("plank.forearm", station: "s2", seconds: 40, least: 40)
    expect(found.map { |item| [item.pattern, item.amount, item.bound] }).to contain_exactly(["push", 8, true], ["trunk_bracing", 40, true])
    run.update!(started_at: 13.weeks.ago)
    expect(found).to eq([])
  end

  it "is nothing where something hurt and they stopped early, but for what was left" do
    attendance.update!(pain: "left wrist")
    result("push_up.floor", reps: 3, least: 8)
    result("row.long", station: "s2", reps: 8, least: 8)
    expect(found.map { |item| [item.pattern, item.bound] }).to eq([["pull", true]])
  end

  it "is nothing where it was skipped, or no number tells how much was done" do
    result("row.long", station: "s2", reps: 8, reps_left: 2, skipped: true)
    result("plank.forearm", station: "s3", reps_left: 5)
    result("jumping_jack.full", station: "s4", reps: 30, reps_left: 5)
    result(nil, station: "s5", reps: 5, reps_left: 1)
    expect(found).to eq([])
  end

  it "is a target that was not met: so many were the most" do
    result("push_up.floor", reps: 6, least: 8)
    result("plank.forearm", station: "s2", seconds: 25, least: 40)
    result("row.long", station: "s3", reps: 8, least: 8)
    expect(found.map { |item| [item.pattern, item.yields, item.amount] }).to contain_exactly(["push", "reps", 6], ["trunk_bracing", "hold", 25], ["pull", "reps", 8])
    expect(found.reject(&:bound).map(&:pattern)).to contain_exactly("push", "trunk_bracing")
  end

  it "leaves out what came when a class began, or later" do
    result("push_up.floor", reps: 8, reps_left: 2)
    tested("rows", "row.long", 9)
    before = ->(time) { described_class.of(somebody.reload, Sparrow::Catalogue.house, for_class: studio.group_classes.new(id: SecureRandom.uuid, starts_at: time)).map(&:pattern) }
    expect(before.call(Time.utc(2026, 11, 17, 18, 30))).to eq(%w[pull])
    expect(before.call(Time.utc(2026, 11, 17, 18, 31))).to contain_exactly("pull", "push")
    expect(before.call(Time.utc(2026, 10, 31))).to eq([])
  end

  it "leaves out a class's own log, though its run began a little early" do
    result("push_up.floor", reps: 8, reps_left: 2)
    own = studio.group_classes.new(starts_at: Time.utc(2026, 11, 17, 18, 45)).tap { |held| held.snapshot_from(run.workout) }
    run.update!(group_class: own)
    expect(described_class.of(somebody.reload, Sparrow::Catalogue.house, for_class: own)).to eq([])
  end

  it "is fetched for many as for one" do
    result("push_up.floor", reps: 8, reps_left: 2)
    other = studio.people.create!(name: "Bartek Lindqvist", level: "advanced")
    people = [somebody.reload, other]
    described_class.load(people)
    expect(people.map { |person| described_class.of(person, Sparrow::Catalogue.house).size }).to eq([1, 0])
  end

  it "passes over a test that the house no longer has" do
    somebody.benchmarks.create!(studio_id: studio.id, test: "arm_wrestling", variation: "push_up.floor", amount: 3, taken_on: Date.new(2026, 11, 1))
    expect(found).to eq([])
  end
end
