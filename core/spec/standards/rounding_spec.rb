# frozen_string_literal: true

RSpec.describe Sparrow::Standards::Rounding do
  def shares(advanced, **keys)
    [50, 75, 100].map { |percent| described_class.of(advanced, Rational(percent, 100), **keys) }
  end

  it "makes 90 into 45, 70 and 90" do
    expect(shares(90)).to eq([45, 70, 90])
  end

  it "goes in fives from thirty on, in ones below" do
    expect(shares(30)).to eq([15, 25, 30])
    expect(shares(29)).to eq([15, 22, 29])
    expect(shares(60, fives_from: 100)).to eq([30, 45, 60])
  end

  it "goes in tens and twos where sides alternate" do
    expect(shares(90, alternating: true)).to eq([50, 70, 90])
    expect(shares(16, alternating: true)).to eq([8, 12, 16])
    expect(shares(14, alternating: true)).to eq([8, 10, 14])
  end

  it "leaves the advanced number as it was typed" do
    expect(described_class.of(37, 1r)).to eq(37)
    expect(described_class.of(37, 1r, alternating: true)).to eq(37)
  end

  it "never goes under three, four where sides alternate, nor over the advanced number" do
    expect(described_class.of(4, Rational(1, 4))).to eq(3)
    expect(described_class.of(6, Rational(1, 4), alternating: true)).to eq(4)
    expect(described_class.of(2, Rational(1, 2))).to eq(2)
  end

  it "rounds halves up, exactly" do
    expect(described_class.of(9, Rational(1, 2))).to eq(5)
    expect(described_class.to_step(Rational(15, 2), 5)).to eq(10)
    expect(described_class.to_step(Rational(1249, 100), 5)).to eq(10)
  end
end
