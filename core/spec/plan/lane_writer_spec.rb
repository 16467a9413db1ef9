# frozen_string_literal: true

RSpec.describe Sparrow::Plan::LaneWriter do
  let(:lane) { described_class.new(100).write("ready", 10).write("work", 30, :station, round: 1).write("rest", 20) }

  def kinds
    lane.segments.map { |segment| [segment.kind, segment.start_s, segment.seconds] }
  end

  it "writes from left to right, and nothing of no length" do
    lane.write("waiting", 0)
    expect(kinds).to eq([["ready", 100, 10], ["work", 110, 30], ["rest", 140, 20]])
    expect(lane.now_s).to eq(160)
  end

  it "is cut in the middle of a segment, which keeps what it was of" do
    lane.cut(125)
    expect(kinds).to eq([["ready", 100, 10], ["work", 110, 15]])
    expect(lane.segments.last).to have_attributes(station: :station, round: 1, end_s: 125)
    expect(lane.now_s).to eq(125)
  end

  it "is cut between two segments without a stub" do
    lane.cut(110)
    expect(kinds).to eq([["ready", 100, 10]])
  end

  it "is not lengthened by a cut that comes later" do
    lane.cut(500)
    expect(lane.now_s).to eq(160)
  end

  it "can be cut away whole, and written again" do
    lane.cut(100)
    expect(lane.segments).to eq([])
    expect(lane.write("done", 5).now_s).to eq(105)
  end
end
