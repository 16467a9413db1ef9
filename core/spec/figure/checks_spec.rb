# frozen_string_literal: true

# Each check with a body that it must catch: one that catches nothing would pass everything.
RSpec.describe Sparrow::Figure::Checks do
  let(:library) { Sparrow::Figure::Library.house }

  def motion(written, id: "squat.parallel")
    poses = YAML.safe_load_file(File.join(Sparrow::Figure::Library::FOLDER, "poses.yml"))
    Sparrow::Figure::Motion.new(written, poses, Sparrow::Catalogue.house.variation(id))
  end

  def problems(written, id: "squat.parallel")
    described_class.new(motion(written, id: id)).problems.join("; ")
  end

  # A squat whose bones are moved by hand at one instant.
  def with_points(changes)
    held = library.motion("squat.parallel")
    bones = held.keys.last.last.bones
    changed = Sparrow::Figure::Skeleton.new(held.keys.last.last.pose, bones.at)
    changed.points.merge!(bones.points, changes.to_h { |name, by| [name, Sparrow::Figure::Vector.add(bones[name], by)] })
    described_class.new(held).instant(changed).join("; ")
  end

  it "passes what is sound" do
    expect(problems({"start" => "stand", "lower" => "squat"})).to eq("")
  end

  it "finds a bone that is longer than it is" do
    expect(with_points("ankle_l" => [0, 3, 0])).to include("knee_l to ankle_l is not 41.0 cm")
  end

  it "finds what goes through the floor, a wall, or into a bench" do
    expect(problems({"hold" => {"rest" => "toes", "tilt" => 104}})).to include("into the floor")
    expect(problems({"props" => "wall @20", "hold" => "arms_ahead"})).to include("through the wall")
    expect(problems({"props" => "bench 45 @0", "hold" => "stand"})).to include("goes into the bench")
  end

  it "finds a hold that slides" do
    held = motion({"start" => "stand", "lower" => "squat"})
    step = held.steps.first
    frames = [step.from.bones, step.to.bones].map { |bones| bones.points.dup }
    frames.last["ball_r"] = Sparrow::Figure::Vector.add(frames.last["ball_r"], [4, 0, 0])
    expect(described_class.new(held).slides(step, frames)).to eq(["ball_r slides 4.0 cm"])
  end

  it "finds joints that go too far, and a knee that bends forwards" do
    expect(problems({"hold" => {"from" => "stand", "hip_r" => 100, "knee_r" => 175}})).to include("knee_r bends 175 degrees")
    expect(problems({"hold" => {"from" => "stand", "hip_r" => -60}})).to include("hip_r bends -60 degrees")
    expect(problems({"hold" => {"from" => "stand", "hip_r" => 60, "knee_r" => -40}})).to include("knee_r bends forwards")
    expect(problems({"hold" => {"from" => "stand", "nod" => 95}})).to include("neck bends 95 degrees")
    expect(problems({"hold" => {"from" => "stand", "arm" => 90, "elbow" => 170}})).to include("elbow_l bends 170 degrees")
  end

  it "finds legs that go through each other" do
    expect(problems({"hold" => {"from" => "stand", "feet_l" => "flat @0,4", "feet_r" => "flat @0,-4"}})).to match(/shins are \d\.\d cm apart/)
  end

  it "finds what is out of reach" do
    expect(problems({"props" => "bar 240 @0", "hold" => {"from" => "stand", "hands" => "grip bar @0"}})).to match(/reaches \d+\.\d cm too far/)
  end

  it "finds a leap between two frames" do
    held = motion({"start" => "stand", "lower" => {"from" => "stand", "arm" => 170}})
    expect(described_class.new(held).on_the_way(held.steps.first, count: 1)).to eq([])
    far = motion({"start" => "stand", "lower" => {"hips" => 90, "x" => 900}})
    expect(described_class.new(far).on_the_way(far.steps.first).join).to include("head leaps")
  end

  it "finds who would fall over" do
    expect(problems({"hold" => {"from" => "stand", "tilt" => 60, "x" => 30}})).to include("beyond the feet")
  end

  it "finds a seat that is not touched" do
    expect(problems({"props" => "chair @-32", "start" => "stand", "lower" => {"from" => "squat", "hips" => 57, "x" => -26, "touch" => "seat chair"}})).to eq("")
    expect(problems({"props" => "chair @-32", "start" => "stand", "lower" => {"from" => "squat", "hips" => 66, "x" => -20, "touch" => "seat chair"}})).to include("seat chair: 10.0 cm away")
  end

  it "finds nothing in any version of the catalogue" do
    wrong = Thoroughness.some(library.ids, by_day: 3).reject { |id| library.written(id)["as"] }.to_h { |id| [id, described_class.new(library.motion(id)).problems] }
    expect(wrong.reject { |_, problems| problems.empty? }).to eq({})
  end
end
