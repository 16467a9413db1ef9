# frozen_string_literal: true

RSpec.describe Sparrow::Figure::Paint do
  def shapes(id)
    drawing = Sparrow::Figure::Drawing.new(Sparrow::Figure::Library.house.motion(id))
    described_class.shapes(drawing.stills.first, drawing)
  end

  it "draws a trunk in two parts, a head, and three bones of each limb, the furthest first" do
    squat = shapes("squat.parallel")
    expect(squat.map(&:kind).tally).to eq("area" => 2, "disc" => 1, "blob" => 14)
    expect(squat.first.tone).to include("far")
    expect(squat.flat_map(&:points)).to all(match([be_finite, be_finite]))
  end

  it "tints the parts that do the work, lighter where they are on the far side" do
    tones = ->(id, kind) { shapes(id).select { |shape| shape.kind == kind }.map(&:tone).tally }
    expect(tones.call("squat.parallel", "blob").keys).to match_array(%w[ink far work workfar])
    expect(tones.call("squat.parallel", "area").keys).to include("work") # the hips
    expect(tones.call("push_up.floor", "area").keys).to include("work") # the chest
  end
end
