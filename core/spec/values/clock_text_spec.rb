# frozen_string_literal: true

RSpec.describe Sparrow::ClockText do
  {0 => "0:00", 9 => "0:09", 60 => "1:00", 780 => "13:00", 3599 => "59:59", 3600 => "1:00:00", 3750 => "1:02:30"}.each do |seconds, text|
    it "says #{text} for #{seconds} seconds" do
      expect(described_class.of(seconds)).to eq(text)
    end
  end
end

RSpec.describe Sparrow::Pointer do
  it "points to the whole document by nothing" do
    expect(described_class.of([])).to eq("")
  end

  it "escapes what a pointer uses itself" do
    expect(described_class.of(["blocks", 0, "a/b", "c~d"])).to eq("/blocks/0/a~1b/c~0d")
  end
end

RSpec.describe Sparrow::Level do
  it "ranks the three levels" do
    expect(described_class::ALL.map { |level| described_class.rank(level) }).to eq([1, 2, 3])
    expect { described_class.rank("expert") }.to raise_error(KeyError)
  end

  it "takes in an escalating round the lower of its own level and the round's" do
    expect((1..4).map { |round| described_class.escalated("advanced", round) }).to eq(%w[beginner intermediate advanced advanced])
    expect((1..4).map { |round| described_class.escalated("beginner", round) }.uniq).to eq(%w[beginner])
  end
end
