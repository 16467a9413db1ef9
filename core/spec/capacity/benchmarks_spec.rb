# frozen_string_literal: true

RSpec.describe Sparrow::Capacity::Benchmarks do
  it "has a test for each pattern that a class can take in ten minutes, at variations of that pattern" do
    expect(described_class.all.map(&:pattern)).to eq(%w[squat push pull trunk_bracing trunk_flexion gait balance_skill])
    described_class.all.each do |test|
      variations = test.variations.map { |id| Sparrow::Catalogue.house.variation(id) }
      expect(variations.map(&:pattern).uniq).to eq([test.pattern]), test.id
    end
  end

  it "refuses what is no test, no variation of it, or no number for it" do
    expect(described_class.validation_errors("arm_wrestling", "push_up.floor", 3).map(&:pointer)).to eq(["/test"])
    expect(described_class.validation_errors("push_ups", "squat.parallel", 999).map(&:message)).to eq(["is not a version of this test", "must be from 0 to 100 push-ups"])
    expect(described_class.validation_errors("push_ups", "push_up.floor", 0)).to eq([])
  end

  # A test must not make anybody weaker than the level that it confirms.
  described_class.all.select(&:counts).each do |test|
    it "#{test.id}: who tests at a level's count is predicted as that level is" do
      version = Sparrow::Catalogue.house.variation(test.counts.fetch("variation"))
      Sparrow::Level::ALL.each do |level|
        told = Sparrow::Capacity::Evidence.of_test(test.id, version, test.counts.fetch(level), on: People::TODAY - 1)
        person = Sparrow::Capacity::Estimates.new(levels: {}, pacing_level: "beginner", evidence: [told], today: People::TODAY).profile
        house = Sparrow::Capacity::Profile.of_level(level)
        versions = Sparrow::Catalogue.house.select { |movement| movement.pattern == test.pattern && movement.role == "main" }.flat_map(&:ladder).reject { |one| Sparrow::Capacity.by_time?(one) ^ (test.yields == "hold") }
        expect(versions.size).to be > 5
        amounts = ->(profile) { versions.map { |one| profile.most(Sparrow::Capacity::Load.new(test.pattern, one.demand_value, 1, test.yields == "hold")).round(6) } }
        expect(amounts.call(person)).to eq(amounts.call(house)), level
      end
    end

    it "#{test.id}: goes in straight lines between the levels' counts and beyond" do
      counts = test.counts.values_at(*Sparrow::Level::ALL)
      amounts = [counts[0] - 2, counts[0], counts[0] + 2, counts[1], counts[2], counts[2] + 2].map { |count| described_class.stands_for(test, count) }
      expect(amounts).to eq(amounts.sort)
      expect(amounts[2] - amounts[1]).to eq(amounts[1] - amounts[0])
    end
  end

  it "takes a count to the end as it is, and nothing held for no less than nothing" do
    expect(described_class.stands_for(described_class.find("push_ups"), 12)).to eq(12)
    expect(described_class.stands_for(described_class.find("steps"), 0)).to eq(0)
  end

  it "is a circuit of ten minutes or so" do
    timeline = Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(described_class.circuit))
    expect(timeline.total_s).to be_between(480, 720)
    expect(timeline.workout.each_station.count).to eq(described_class.all.size)
  end
end
