# frozen_string_literal: true

RSpec.describe Sparrow::Catalogue::Movement do
  subject(:squat) { catalogue.movement("squat") }

  let(:catalogue) { Sparrow::Catalogue.house }

  it "knows its rungs by their whole id" do
    expect(squat.variation("squat.parallel").name).to eq("Parallel squat")
    expect(squat.variation("parallel")).to be_nil
    expect(squat.variation("push_up.knees")).to be_nil
  end

  it "opens each level on a rung, easier levels never harder" do
    catalogue.each do |movement|
      demands = Sparrow::Level::ALL.map { |level| movement.rung_for(level).demand_value }
      expect(demands).to eq(demands.sort), movement.id
    end
  end

  it "opens a level on a rung of that level's band, or an easier one" do
    catalogue.each do |movement|
      Sparrow::Level::ALL.each do |level|
        lowest = movement.rung_for(level).levels.map { |band| Sparrow::Level.rank(band) }.min
        expect(lowest).to be <= Sparrow::Level.rank(level), "#{movement.id}: #{level}"
      end
    end
  end

  it "opens counted rungs with a number, even where sides alternate, and holds without one" do
    catalogue.each do |movement|
      movement.opening_prescriptions.each do |level, opening|
        rung = movement.variation(opening.fetch("variation"))
        expect(opening.key?("reps")).to eq(rung.counted?), "#{movement.id}: #{level}"
        expect(opening["reps"]).to be_even, "#{movement.id}: #{level}" if rung.counted? && rung.alternating?
      end
    end
  end

  it "never opens with more than the rung's own target" do
    catalogue.each do |movement|
      movement.opening_prescriptions.each_value do |opening|
        target = movement.variation(opening["variation"]).target["reps"]
        expect(opening["reps"]).to be_between(1, target) if target
      end
    end
  end

  it "says why a demand is what it is: a source, or its anchors" do
    catalogue.flat_map(&:ladder).each do |rung|
      if rung.demand["basis"] == "measured"
        expect(rung.demand["why"]).to match(/et al\. \d{4}/), rung.id
      else
        expect(rung.demand["why"]).to match(/anchor/i), rung.id
      end
    end
  end

  it "warns of the chair, table or bar wherever one is needed" do
    catalogue.flat_map(&:ladder).each do |rung|
      next if (rung.equipment & %w[chair bar table step bench]).empty?
      expect(rung.cautions.join(" ")).to match(/chair|wall|table|bar|bench|step|post|seat/i), rung.id
    end
  end

  it "puts high impact in the advanced band only" do
    expect(catalogue.flat_map(&:ladder).select { |rung| rung.impact == "high" }.map(&:levels).uniq).to eq([%w[advanced]])
  end

  it "covers patterns and all three planes" do
    expect(catalogue.map(&:plane).uniq).to match_array(described_class::PLANES)
    expect(catalogue.map(&:pattern).uniq).to match_array(described_class::PATTERNS)
  end
end
