# frozen_string_literal: true

RSpec.describe Sparrow::Tempo do
  it "adds its four digits to the seconds of a move" do
    expect(described_class.parse("3-0-1-0").seconds).to eq(4)
    expect(described_class.parse("2-1-1-1").to_s).to eq("2-1-1-1")
  end

  ["0-0-0-0", "3-0-1", "3010", "a-b-c-d", "", nil, "10-0-1-0", "3-0-1-0\n"].each do |text|
    it "refuses #{text.inspect}" do
      expect { described_class.parse(text) }.to raise_error(ArgumentError, /tempo/)
    end
  end
end
