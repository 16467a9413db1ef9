# frozen_string_literal: true

RSpec.describe Sparrow::Figure::Scene do
  def lines(written)
    Sparrow::Figure::Furniture.lines(described_class.piece(written))
  end

  def ends(written)
    lines(written).flatten(1).map { |point| point.map(&:round) }
  end

  it "draws each fixed piece where it stands, and nothing of what is held" do
    expect(ends("wall @60")).to eq([[60, 0, 0], [60, 205, 0]])
    expect(ends("wall @0,40")).to eq([[0, 0, 40], [0, 205, 40]])
    expect(ends("post @30")).to eq([[30, 0, 0], [30, 210, 0]])
    expect(ends("bar 200 @10")).to eq([[10, 200, -60], [10, 200, 60]])
    expect(ends("mat @0").map(&:first)).to eq([-85, 85])
    expect(ends("line @5")).to eq([[5, 0, -3], [5, 3, 0]])
    expect(lines("rail @0").size).to eq(2)
    expect(lines("bottle hands")).to eq([])
  end

  it "turns a chair's back to where it is said, and makes a table wider than a bench" do
    back = ->(written) { lines(written).first.map(&:first).uniq }
    expect([back.call("chair @0"), back.call("chair turned @0")]).to eq([[-20.0], [20.0]])
    width = ->(written) { ends(written).map(&:last).max }
    expect([width.call("table @0"), width.call("bench @0")]).to eq([60, 34])
  end

  it "holds a piece by points of the body, a band on a post or a chair's leg by a place in the room" do
    held = ->(written) { Sparrow::Figure::Furniture.held(described_class.piece(written)) }
    expect(held.call("bottle both")).to eq([%w[hand_l hand_r]])
    expect(held.call("band post_r @80")).to eq([["hand_r", [80.0, 115.0, 0.0]]])
    expect(held.call("band 150 post_r @80")).to eq([["hand_r", [80.0, 150.0, 0.0]]])
    expect(held.call("band chair_ankle_r @40")).to eq([["ankle_r", [40.0, 8.0, 0.0]]])
    expect(held.call("chair @0")).to eq([])
  end

  it "refuses what is no piece, or is not there" do
    expect { described_class.piece("sofa @3") }.to raise_error(ArgumentError, /no piece/)
    scene = described_class.new("bench 45 @30")
    expect([scene.height("bench"), scene.height("floor"), scene.place("bench"), scene.place("floor"), scene.place("wall")]).to eq([45.0, 0.0, 30.0, nil, nil])
    expect { scene.height("table") }.to raise_error(ArgumentError, /no table/)
    expect { scene.place("chair_back") }.to raise_error(ArgumentError, /no chair/)
  end
end
