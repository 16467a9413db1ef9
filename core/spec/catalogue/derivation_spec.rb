# frozen_string_literal: true

RSpec.describe Sparrow::Catalogue::Derivation do
  let(:catalogue) { Sparrow::Catalogue.house }

  def names(id, **changed)
    described_class.of(catalogue.variation(id).with(**changed)).map(&:name)
  end

  it "finds every flag that follows set in every version, or a reason in its file why not" do
    missing = catalogue.flat_map(&:ladder).flat_map { |variation| described_class.missing(variation).map { |flag| "#{variation.id}: #{flag.name} (#{flag.because})" } }
    expect(missing).to eq([])
  end

  it "keeps no reason for a flag that is set, or that does not follow" do
    stale = catalogue.flat_map(&:ladder).flat_map { |variation| described_class.stale(variation).map { |name| "#{variation.id}: #{name}" } }
    expect(stale).to eq([])
  end

  it "finds no attributes that contradict each other" do
    found = catalogue.flat_map(&:ladder).flat_map { |variation| described_class.contradictions(variation).map { |what| "#{variation.id} #{what}" } }
    expect(found).to eq([])
  end

  it "asks for the wrist and the shoulder under the hands, the elbow under the forearms, the knee under the knees" do
    expect(names("squat.parallel", weight_on: %w[feet hands])).to include("wrist", "shoulder")
    expect(names("squat.parallel", weight_on: %w[forearms])).to include("elbow", "shoulder")
    expect(names("dead_bug.heel_tap", weight_on: %w[knees])).to include("knee")
    expect(names("push_up_fists.wall")).not_to include("wrist")
  end

  it "asks for the wrist where a bottle or a band is held" do
    expect(names("squat.parallel")).not_to include("wrist")
    expect(names("squat.parallel", equipment: %w[bottle])).to include("wrist")
    expect(names("squat.parallel", equipment: %w[band mat])).to include("wrist")
  end

  it "asks for the joints of the legs and the lower back where one lands hard" do
    expect(names("high_knees.slow_march", impact: "high")).to include("ankle", "knee", "hip", "lower_back")
    expect(names("high_knees.slow_march", impact: "low")).to include("ankle", "knee")
    expect(names("high_knees.slow_march", impact: "low")).not_to include("hip")
  end

  it "asks for the lower back in a plank from the toes, and not from the knees" do
    expect(names("plank.forearm")).to include("lower_back")
    expect(names("plank.knees")).not_to include("lower_back")
  end

  it "asks for a low head, arms overhead, a bent and a twisted trunk by what the body and the words say" do
    expect(names("glute_bridge.two_leg")).to include("head_low")
    expect(names("squat_thrust.walk")).to include("head_low", "bends_forward")
    expect(names("squat.parallel", standard: "The arms stay beside the ears from start to end.")).to include("overhead")
    expect(names("sit_up.crunch")).to include("bends_forward", "neck")
    expect(names("squat.parallel", name: "Squat with a twist")).to include("twists")
  end

  it "asks for straining in long hard holds and from a demand on at which breath is easily held" do
    expect(names("wall_sit.level")).to include("straining")
    expect(names("push_up.floor")).not_to include("straining")
    expect(names("push_up.floor", demand: {"value" => 0.75})).to include("straining")
  end

  it "tells a missing flag from one for which a reason is given" do
    silent = catalogue.variation("plank.forearm").with(joints: %w[elbow])
    expect(described_class.missing(silent).map(&:name)).to contain_exactly("shoulder", "lower_back")
    expect(described_class.missing(silent.with(unflagged: {"shoulder" => "Because."})).map(&:name)).to eq(["lower_back"])
    expect(described_class.stale(catalogue.variation("plank.forearm").with(unflagged: {"wrist" => "Because.", "elbow" => "Because."}))).to contain_exactly("wrist", "elbow")
  end

  it "names what contradicts itself" do
    variation = catalogue.variation("squat.parallel")
    expect(described_class.contradictions(variation.with(position: "prone")).map(&:to_s)).to include(/does not get down/)
    expect(described_class.contradictions(variation.with(hold: true)).map(&:to_s)).to include(/nothing that could be held/)
    expect(described_class.contradictions(variation.with(position: "hanging")).map(&:to_s)).to include(/no grip/)
  end
end
