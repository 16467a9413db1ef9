# frozen_string_literal: true

RSpec.describe Sparrow::Figure::Solver do
  let(:solver) { described_class.new(Sparrow::Figure::Scene.new("wall @66, bench 45 @-40")) }
  let(:standing) { Sparrow::Figure::Pose::STANDING }

  def limp(written)
    Sparrow::Figure::Pose::LIMP.with(written)
  end

  def distance(bones, one, other)
    Sparrow::Figure::Vector.distance(bones[one], bones[other])
  end

  it "stands a body of about 170 cm on both feet, in balance" do
    bones = solver.key(standing).bones
    expect(bones["head"][1] + Sparrow::Figure::Body::HEAD).to be_between(163, 172)
    expect([bones["heel_l"][1], bones["toe_r"][1]]).to all(be_within(0.1).of(2))
    weight = Sparrow::Figure::Body.balance(bones.points)
    expect(weight[0]).to be_between(bones["heel_l"][0], bones["toe_l"][0])
  end

  it "bends the legs so that the feet stay where they are" do
    high = solver.key(standing)
    low = solver.key(standing.with("hips" => 50, "tilt" => 36), high)
    expect(Sparrow::Figure::Vector.distance(high.bones["toe_r"], low.bones["toe_r"])).to be < 0.1
    expect(low.bones["knee_r"][0]).to be > low.bones["hip_r"][0]
    expect(distance(low.bones, "hip_r", "knee_r")).to be_within(0.01).of(Sparrow::Figure::Body::THIGH)
  end

  it "turns the body until straight arms meet the floor, and until the chest is so high above it" do
    plank = limp("rest" => "toes", "tilt" => 72, "hands" => "palm", "fit" => "tilt hands")
    up = solver.key(plank)
    expect(up.bones["wrist_r"][1]).to be_within(0.1).of(4)
    expect(distance(up.bones, "shoulder_r", "wrist_r")).to be_between(50, 55)
    down = solver.key(plank.with("fit" => "tilt chest 9"), up)
    expect(Sparrow::Figure::Fit.part(down.bones, "chest")[1]).to be_within(0.3).of(9)
    expect(Sparrow::Figure::Vector.distance(up.bones["wrist_r"], down.bones["wrist_r"])).to be < 0.1
  end

  it "holds hands on a wall, each on its own side" do
    bones = solver.key(limp("rest" => "feet", "tilt" => 14, "hands" => "palm wall @118,20", "fit" => "tilt hands")).bones
    expect([bones["wrist_l"], bones["wrist_r"]].map { |point| [point[0].round, point[1].round, point[2].round] }).to eq([[62, 118, -20], [62, 118, 20]])
  end

  it "gives angles of a limb the place of its contact, and leaves the other side standing" do
    key = solver.key(standing.with("hip_r" => 90, "knee_r" => 90))
    expect(key.bones["knee_r"][1]).to be_within(2).of(key.bones["hip_r"][1])
    expect(key.bones["toe_l"][1]).to be_within(0.1).of(2)
  end

  it "mirrors a pose: left and right, and what turns to a side" do
    mirrored = standing.with("twist" => 20, "hip_r" => 60, "feet_l" => "flat @0,-30").mirrored
    expect([mirrored["twist"], mirrored["hip_l"], mirrored["feet_r"]]).to eq([-20, 60, "flat @0,30.0"])
  end

  it "names a key that there is not, and a surface that is not in the room" do
    expect { standing.with("hipp" => 3) }.to raise_error(ArgumentError, /hipp is no key/)
    expect { solver.key(limp("rest" => "seat chair")) }.to raise_error(ArgumentError, /no chair/)
    expect { solver.key(limp("rest" => "toes", "tilt" => 0, "hands" => "palm wall @400", "fit" => "tilt hands")) }.to raise_error(ArgumentError, /finds no angle/)
  end
end
