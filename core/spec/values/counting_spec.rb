# frozen_string_literal: true

RSpec.describe Sparrow::Counting do
  def moves(rule, counted, parts: [])
    described_class.of(rule, parts: parts).moves(counted)
  end

  it "knows how many moves a counted rep holds" do
    expect(moves("each", 12)).to eq(12)
    expect(moves("per_side", 12)).to eq(24)
    expect(moves("pair", 12)).to eq(24)
    expect(moves("one_side", 12)).to eq(24)
    expect(moves("compound", 8, parts: [4, 4])).to eq(64)
  end

  it "counts whole reps only" do
    expect(described_class.of("pair").counted(7)).to eq(3)
  end

  it "refuses a rule it does not know, and a compound of nothing" do
    expect { described_class.of("thirds") }.to raise_error(ArgumentError, /thirds/)
    expect { described_class.of("compound") }.to raise_error(ArgumentError, /parts/)
  end
end
