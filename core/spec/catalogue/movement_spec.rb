# frozen_string_literal: true

RSpec.describe Sparrow::Catalogue::Movement do
  subject(:squat) { catalogue.movement("squat") }

  let(:catalogue) { Sparrow::Catalogue.house }

  it "knows its variations by their whole id" do
    expect(squat.variation("squat.parallel").name).to eq("Parallel squat")
    expect(squat.variation("parallel")).to be_nil
    expect(squat.variation("push_up.knees")).to be_nil
  end

  it "opens each level on a variation, easier levels never harder" do
    catalogue.each do |movement|
      demands = Sparrow::Level::ALL.map { |level| movement.variation_for(level).demand_value }
      expect(demands).to eq(demands.sort), movement.id
    end
  end

  it "opens a level on a variation of that level's band, or an easier one" do
    catalogue.each do |movement|
      Sparrow::Level::ALL.each do |level|
        lowest = movement.variation_for(level).levels.map { |band| Sparrow::Level.rank(band) }.min
        expect(lowest).to be <= Sparrow::Level.rank(level), "#{movement.id}: #{level}"
      end
    end
  end

  it "opens counted variations with a number, even where sides alternate, and holds without one" do
    catalogue.each do |movement|
      movement.opening_prescriptions.each do |level, opening|
        variation = movement.variation(opening.fetch("variation"))
        expect(opening.key?("reps")).to eq(variation.counted?), "#{movement.id}: #{level}"
        expect(opening["reps"]).to be_even, "#{movement.id}: #{level}" if variation.counted? && variation.alternating?
      end
    end
  end

  it "never opens with more than the variation's own target" do
    catalogue.each do |movement|
      movement.opening_prescriptions.each_value do |opening|
        target = movement.variation(opening["variation"]).target["reps"]
        expect(opening["reps"]).to be_between(1, target) if target
      end
    end
  end

  it "says why a demand is what it is: a source, or its anchors" do
    catalogue.flat_map(&:ladder).each do |variation|
      if variation.demand["basis"] == "measured"
        expect(variation.demand["why"]).to match(/et al\. \d{4}/), variation.id
      else
        expect(variation.demand["why"]).to match(/anchor/i), variation.id
      end
    end
  end

  it "warns of the chair, table or bar wherever one is needed" do
    catalogue.flat_map(&:ladder).each do |variation|
      next if (variation.equipment & %w[chair bar table step bench]).empty?
      expect(variation.cautions.join(" ")).to match(/chair|wall|table|bar|bench|step|post|seat/i), variation.id
    end
  end

  it "puts high impact in the advanced band only" do
    expect(catalogue.flat_map(&:ladder).select { |variation| variation.impact == "high" }.map(&:levels).uniq).to eq([%w[advanced]])
  end

  it "covers patterns and all three planes" do
    expect(catalogue.map(&:plane).uniq).to match_array(described_class::PLANES)
    expect(catalogue.map(&:pattern).uniq).to match_array(described_class::PATTERNS)
  end
end
