# frozen_string_literal: true

RSpec.describe Sparrow::Standards::House do
  it "takes 33.34 and 66.67 for exact thirds" do
    expect(described_class.plain.share(:hold_shares, "beginner")).to eq(Rational(1, 3))
    expect(described_class.read("hold_shares" => {"intermediate" => 60}).share(:hold_shares, "intermediate")).to eq(Rational(3, 5))
  end

  it "keeps what is not given" do
    house = described_class.read("ranges" => {"beginner" => {"min" => 4, "max" => 6}})
    expect(house.ranges).to eq("beginner" => 4..6, "intermediate" => 8..12, "advanced" => 10..16)
    expect(house.fill).to eq(90)
  end
end
