# frozen_string_literal: true

RSpec.describe Sparrow::Figure::Motion do
  let(:poses) { YAML.safe_load_file(File.join(Sparrow::Figure::Library::FOLDER, "poses.yml")) }
  let(:squat) { Sparrow::Catalogue.house.variation("squat.parallel") }

  def motion(written, of: squat)
    described_class.new(written, poses, of)
  end

  it "refuses a word that is no phase, and a pose that is not there, with the version that asks for it" do
    expect { motion({"start" => "stand", "hover" => "squat"}) }.to raise_error(ArgumentError, /squat\.parallel: hover is no phase/)
    expect { motion({"start" => "stand", "lower" => "flying"}) }.to raise_error(ArgumentError, /squat\.parallel: there is no pose flying/)
    expect { motion({"start" => "stand", "lower" => "squat"}).pose("flying") }.to raise_error(ArgumentError, /squat\.parallel: .*flying/)
    expect { motion({"hover" => "squat"}, of: nil) }.to raise_error(ArgumentError, /hover is no phase/)
    expect { motion({"start" => "flying"}, of: nil) }.to raise_error(ArgumentError, /no pose flying/)
    expect { motion({"start" => "stand", "lower" => "squat"}, of: nil).pose("flying") }.to raise_error(ArgumentError, /flying/)
  end

  it "moves at a usual speed, and to one side, where it is of no version" do
    steps = motion({"start" => "stand", "lower" => "squat"}, of: nil).steps
    expect(steps.map { |step| [step.phase, step.seconds, step.pause, step.mirrored] }).to eq([["lower", 0.7, 0, nil], ["lift", 0.7, 0, nil]])
    expect(motion({"start" => "stand", "lower" => "squat", "swift" => true}, of: nil).steps.map(&:seconds).uniq).to eq([0.28])
  end

  it "takes a pose the other way round" do
    points = ->(name) { motion({"hold" => name}, of: nil).keys.first.last.bones.points }
    straight, turned = points.call("knee_up"), points.call("~knee_up")
    expect(straight["knee_r"][1].round(1)).to eq(turned["knee_l"][1].round(1))
  end
end
