# frozen_string_literal: true

RSpec.describe Sparrow::Plan::Budget do
  def block(id, stations, rounds, **keys)
    intervals(Array.new(stations) { |index| station("s#{index}") }, rounds: rounds, **keys).merge("id" => id)
  end

  def refused(*blocks)
    refusal_of(workout_document(*blocks))
  end

  it "counts windows for every level over all blocks" do
    document = workout_document(block("a", 4, 3), block("b", 5, 2), pause)
    expect(described_class.new(document).level_windows).to eq(3 * (12 + 10))
  end

  it "counts a window for each side, the level with the most rounds, and every group of a rotation" do
    each_side = block("a", [], 1).merge("stations" => [station("s1", sides: "each")], "rounds" => 4)
    by_level = block("b", 2, 1, rounds_by_level: {"advanced" => 5})
    rotating = block("c", 10, 2, flow: "rotate")
    counts = [each_side, by_level, rotating].map { |held| described_class.new(workout_document(held)).level_windows }
    expect(counts).to eq([4 * 2 * 3, 5 * 2 * 3, 2 * 10 * 10])
  end

  it "refuses a class whose blocks ask for too much together, at the block that goes over" do
    expect(refused(block("a", 40, 25), block("b", 40, 25))).to eq({})
    expect(refused(block("a", 40, 25), block("b", 40, 26))).to eq("/blocks/1/rounds" => "makes the class 6120 windows for all levels; at most 6000 fit")
    expect(refused(block("a", 60, 1), block("b", 60, 1), block("c", 1, 1))).to eq("/blocks/2/stations" => "makes 121 stations; at most 120 fit in a class")
  end

  it "refuses without reading the document, whatever its size" do
    expect(Sparrow::Schema).not_to receive(:read)
    expect(refused(*Array.new(4) { |index| block("b#{index}", 60, 50) }).keys).to eq(["/blocks/0/rounds"])
  end

  it "says nothing of documents that are none" do
    strange = [nil, 3, [], {}, {"blocks" => 3}, {"blocks" => [3, nil, {"stations" => 3}, {"stations" => [3, {"levels" => 3}], "rounds" => "x", "rounds_by_level" => 7}]},
      {"blocks" => [{"stations" => [{"levels" => {"beginner" => {"splits" => 3}}}], "rounds" => Float::INFINITY}]}]
    expect(strange.map { |document| described_class.new(document).problem }).to all(be_nil)
  end
end
