# frozen_string_literal: true

RSpec.describe Sparrow::Figure::Agreement do
  let(:library) { Sparrow::Figure::Library.house }
  let(:poses) { YAML.safe_load_file(File.join(Sparrow::Figure::Library::FOLDER, "poses.yml")) }

  # A version as its file has it, but for some flags, drawn in some way.
  def found(id, written, **changes)
    described_class.new(Sparrow::Figure::Motion.new(written, poses, Sparrow::Catalogue.house.variation(id).with(**changes))).silent.map(&:flag)
  end

  it "finds nothing that a body does and the catalogue is silent about, or the other way round without a reason in the figure's file" do
    agreements = Thoroughness.some(library.ids, by_day: 3).to_h { |id| [id, described_class.new(library.motion(id))] }
    found = agreements.transform_values { |agreement| [agreement.silent, agreement.unseen].map { |findings| findings.map(&:to_a) } }
    expect(found.reject { |_, (silent, unseen)| silent.empty? && unseen.empty? }).to eq({})
  end

  it "sees weight on the palms, on the forearms and on a knee" do
    expect(found("push_up.floor", {"hold" => "plank"}, joints: [], unflagged: {})).to include("wrist")
    expect(found("plank.forearm", {"hold" => "plank_fore"}, joints: [], unflagged: {})).to include("elbow")
    expect(found("push_up.knees", {"hold" => "plank_knees"}, joints: [], unflagged: {})).to include("knee")
  end

  it "sees hips above the head, and an arm past the ear" do
    expect(found("pike_press.floor", {"hold" => "pike"}, strains: [])).to include("head_low")
    expect(found("squat.parallel", {"hold" => "stand_arms_up"})).to eq(["overhead"])
  end

  it "sees a jump, a run and a hop, and no jump in a step" do
    jump = {"start" => "squat", "lift" => {"hips" => 112, "x" => 6}}
    run = {"start" => {"from" => "stand", "feet_l" => "toes @0", "hip_r" => 60, "knee_r" => 60}, "step" => {"from" => "stand", "feet_r" => "toes @0", "hip_l" => 60, "knee_l" => 60}}
    step = {"start" => "stand", "step" => "knee_up"}
    expect([jump, run, step].map { |written| found("squat.parallel", written).include?("impact") }).to eq([true, true, false])
  end

  it "sees who lies on the back, and who gets down to the floor" do
    expect(found("squat.parallel", {"hold" => "lie"})).to contain_exactly("gets_down", "position")
  end
end
