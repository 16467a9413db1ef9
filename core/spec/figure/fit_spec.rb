# frozen_string_literal: true

RSpec.describe Sparrow::Figure::Fit do
  let(:bones) { Sparrow::Figure::Library.house.motion("squat.parallel").keys.first.last.bones }

  it "knows where each part of the body is, from the feet up" do
    heights = %w[foot knee hips hand shoulders nose crown].map { |part| described_class.part(bones, part)[1] }
    expect(heights.values_at(0, 1, 2, 4, 5, 6)).to eq(heights.values_at(0, 1, 2, 4, 5, 6).sort)
    expect(heights[3]).to be_between(heights[0], heights[4])
    expect(described_class.part(bones, "chest")[0]).to be > described_class.part(bones, "shoulders")[0]
  end

  it "finds the nearest angle at which nothing is missed, either way, and none where there is none" do
    expect(described_class.solve(0.0) { |angle| angle - 20 }).to be_within(0.5).of(20)
    expect(described_class.solve(0.0) { |angle| angle + 20 }).to be_within(0.5).of(-20)
    expect(described_class.solve(0.0) { 5.0 }).to be_nil
  end

  it "goes between two directions that are opposite by any way, and stays where they are one" do
    vector = Sparrow::Figure::Vector
    half = vector.between([0.0, 1.0, 0.0], [0.0, -1.0, 0.0], 0.5)
    expect([vector.angle(half, [0.0, 1.0, 0.0]).round, vector.angle(vector.between([1.0, 0.0, 0.0], [-1.0, 0.0, 0.0], 0.5), [1.0, 0.0, 0.0]).round]).to eq([90, 90])
    expect(vector.between([1.0, 0.0, 0.0], [1.0, 0.0, 0.0], 0.3).map(&:round)).to eq([1, 0, 0])
  end
end
