# frozen_string_literal: true

RSpec.describe Sparrow::Running::Effort do
  it "tells a pulse by thirds between rest and the most of an age" do
    # At 40 the most is 180: thirds of 65 to 180 end at 103.3 and 141.7.
    expect([60, 103, 104, 141, 142, 200].map { |bpm| described_class.of(bpm, 40) }).to eq(%w[easy easy moderate moderate hard hard])
  end

  it "says nothing where the age is not known" do
    expect(described_class.of(120, nil)).to be_nil
  end
end
