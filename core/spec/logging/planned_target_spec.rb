# frozen_string_literal: true

RSpec.describe Sparrow::Logging::PlannedTarget do
  def read(*stations, **keys)
    Sparrow::Plan.read(workout_document(intervals(stations, **keys))).each_station.map { |_, station| station }
  end

  def cell(somebody, *stations, **keys)
    fit([somebody], intervals(stations, rest_s: 60, **keys)).cells(somebody.id).first
  end

  it "takes the top of a range to have been done, and less than its bottom for not met" do
    ranged = read(station("p", movement: "push_up", levels: {"intermediate" => {"reps" => {"min" => 8, "max" => 12}}})).first
    expect(described_class.of_level(ranged, "intermediate")).to have_attributes(variation: "push_up.floor", reps: 12, least: 8, seconds: nil, target: "8–12 reps")
  end

  it "knows the seconds of a hold" do
    held = read(station("k", movement: "plank", levels: {"intermediate" => {"hold_s" => 30}})).first
    expect(described_class.of_level(held, "intermediate")).to have_attributes(reps: nil, seconds: 30, least: 30)
  end

  it "is what the fit gave: variation, number and level" do
    planned = described_class.of_cell(cell(person("a", measured: {"push_up.knees" => 12}), station("p", movement: "push_up"), rounds: 3))
    expect(planned.variation).to start_with("push_up.")
    expect(planned).to have_attributes(reps: planned.least, seconds: nil)
    expect(planned).not_to be_out
  end

  it "is a hold's number where the fit gave a hold" do
    planned = described_class.of_cell(cell(person("a", measured: {"plank.forearm" => 45}), station("k", movement: "plank", levels: {"intermediate" => {"variation" => "plank.forearm", "hold_s" => 30}})))
    expect(planned).to have_attributes(variation: "plank.forearm", seconds: 30, least: 30, reps: nil)
  end

  it "is nothing to do for who sits out, at the level they follow" do
    planned = described_class.of_cell(cell(person("a", level: "beginner", screening: "see_instructor"), station("p", movement: "push_up")))
    expect(planned).to have_attributes(level: "beginner", variation: nil, target: nil)
    expect(planned).to be_out
  end

  it "puts a variation in the level that is asked for it, else the highest in whose band it lies" do
    asked = read(station("p", movement: "push_up")).first
    catalogue = Sparrow::Catalogue.house
    expect(described_class.of_variation(asked, catalogue.variation("push_up.floor"), "beginner").level).to eq("intermediate")
    expect(described_class.of_variation(asked, catalogue.variation("push_up.hands_30"), "beginner").level).to eq("intermediate")
  end

  it "is read back as it was stored" do
    planned = described_class.of_level(read(station("p", movement: "push_up")).first, "advanced")
    expect(described_class.read(JSON.parse(JSON.generate(planned.to_h)))).to eq(planned)
  end

  describe "at a station with a total spread over the rounds" do
    let(:ladder) do
      {"id" => "l", "role" => "main", "format" => "ladder", "rounds" => 3, "gate" => "round",
       "stations" => [{"id" => "s", "movement" => "squat", "ladder" => {"total" => 18, "shape" => "descending"},
                       "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel"}] }}]}
    end

    it "is the number of the last round" do
      found = Sparrow::Plan.read(workout_document(ladder)).each_station.map { |_, held| held }.first
      expect(described_class.of_level(found, "advanced")).to have_attributes(reps: 3, least: 3, seconds: nil)
    end

    it "is no more than the fit gave there" do
      strong = fit([person("a", measured: {"squat.parallel" => 60})], ladder).cells("a").first
      expect(described_class.of_cell(strong)).to have_attributes(reps: 3, least: 3, seconds: nil)
    end
  end

  it "is neither a number nor seconds where a level goes on for its time" do
    march = read(station("m", movement: "high_knees")).first
    expect(described_class.of_level(march, "beginner")).to have_attributes(reps: nil, seconds: nil, least: nil)
    expect(described_class.of_cell(cell(person("a"), station("m", movement: "high_knees")))).to have_attributes(reps: nil, seconds: nil, least: nil)
  end

  it "keeps the level of who was there where their level is asked for the version" do
    asked = read(station("p", movement: "push_up", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "push_up.floor"}] })).first
    expect(described_class.of_variation(asked, Sparrow::Catalogue.house.variation("push_up.floor"), "beginner").level).to eq("beginner")
  end
end
