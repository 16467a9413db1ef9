# frozen_string_literal: true

RSpec.describe Sparrow::Capacity do
  it "turns ten floor push-ups into what to expect of the other variations" do
    strength = described_class.strength(Rational("0.64"), 10, 30)
    expect(strength.to_f).to be_within(1e-9).of(0.853333333333)
    predicted = {"hands_60" => 32.4, "knees" => 22.2, "feet_30" => 6.6}.each_key.map do |variation|
      demand = Rational(Sparrow::Catalogue.house.variation("push_up.#{variation}").demand_value.to_s)
      described_class.moves(strength, demand, 30).to_f.round(1)
    end
    expect(predicted).to eq([32.4, 22.2, 6.6])
    expect(described_class.moves(strength, Rational("0.55"), 30).to_f.round(1)).to eq(16.5)
    expect(described_class.moves(strength, Rational("0.64"), 30)).to eq(10)
  end

  it "expects nothing where the demand is beyond, and at most a hundred" do
    expect(described_class.moves(0.5, 0.64, 30)).to eq(0)
    expect(described_class.moves(5.0, 0.2, 50)).to eq(100)
  end

  it "lets a hold fall with the square of its demand" do
    expect(described_class.seconds(60, 0.6, 1.2)).to eq(15)
  end

  it "has a profile for each level, a higher one never weaker" do
    profiles = Sparrow::Level::ALL.map { |level| described_class::Profile.of_level(level) }
    profiles.first.strengths.each_key do |pattern|
      strengths = profiles.map { |profile| profile.strengths.fetch(pattern) }
      expect(strengths).to eq(strengths.sort), pattern
    end
    profiles.first.holds.each_key { |pattern| expect(profiles.map { |p| p.holds[pattern].seconds }).to eq(profiles.map { |p| p.holds[pattern].seconds }.sort), pattern }
    expect(profiles.first.moves("push", 0.49)).to be_within(1e-9).of(8)
    expect(profiles.first.moves("stretch", 0.1)).to be_nil
  end
end
