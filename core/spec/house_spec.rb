# frozen_string_literal: true

RSpec.describe Sparrow::House do
  it "takes 33.34 and 66.67 for exact thirds" do
    expect(described_class.plain.share(:hold_shares, "beginner")).to eq(Rational(1, 3))
    expect(described_class.read("hold_shares" => {"intermediate" => 60}).share(:hold_shares, "intermediate")).to eq(Rational(3, 5))
  end

  it "keeps what is not given" do
    house = described_class.read("ranges" => {"beginner" => {"min" => 4, "max" => 6}})
    expect(house.ranges).to eq("beginner" => 4..6, "intermediate" => 8..12, "advanced" => 10..16)
    expect(house.fill).to eq(90)
  end

  it "says what other standards would change in a circuit" do
    levels = Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel"}.merge((level == "advanced") ? {"reps" => 40} : {})] }
    document = workout_document({"id" => "b", "role" => "main", "format" => "rounds", "rounds" => 2, "scaling" => "share", "stations" => [{"id" => "s", "movement" => "squat", "levels" => levels}]})
    expect(described_class::Touch.new(document, {"shares" => {"beginner" => 60}}).call).to include("targets" => 1)
    longer = described_class::Touch.new(document, {"transition_s" => 9}).call
    expect(longer["total_after_s"] - longer["total_before_s"]).to eq(4)
    expect(described_class::Touch.new(document, {"reserve" => 3}).call).to be_nil
  end
end
