# frozen_string_literal: true

RSpec.describe Sparrow::Pointer do
  let(:document) { {"blocks" => [{"id" => "a", "odd/key" => {"~" => 1}}, {"id" => "b"}]} }

  it "escapes what RFC 6901 escapes, and reads it back" do
    pointer = described_class.of(["blocks", 0, "odd/key", "~"])
    expect(pointer).to eq("/blocks/0/odd~1key/~0")
    expect(described_class.keys(pointer)).to eq(["blocks", "0", "odd/key", "~"])
    expect(described_class.keys("")).to eq([])
  end

  it "puts values into a copy and leaves the document alone" do
    changed = described_class.put(document, [["/blocks/1/rounds", 3], ["/blocks/0/odd~1key/~0", 2]])
    expect(changed["blocks"][1]).to eq("id" => "b", "rounds" => 3)
    expect(changed.dig("blocks", 0, "odd/key", "~")).to eq(2)
    expect(document["blocks"][1]).to eq("id" => "b")
  end

  it "puts into a list by its place" do
    expect(described_class.put(document, [["/blocks/0", {"id" => "c"}]])["blocks"].map { |block| block["id"] }).to eq(%w[c b])
  end

  it "takes a key away for nothing" do
    expect(described_class.put(document, [["/blocks/1/id", nil]])["blocks"][1]).to eq({})
  end

  it "fails where the way there is missing" do
    expect { described_class.put(document, [["/blocks/7/id", 1]]) }.to raise_error(IndexError)
    expect { described_class.put(document, [["/nowhere/id", 1]]) }.to raise_error(KeyError)
  end
end
