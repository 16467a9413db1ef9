# frozen_string_literal: true

RSpec.describe Sparrow::Catalogue::CustomMovement do
  let(:house) { YAML.safe_load_file(File.join(Sparrow::DATA, "movements", "squat.yml")) }
  let(:own) { described_class.copy(house, id: "own_squat", name: "Weir squat") }

  def problems(document)
    described_class.read(document)
    {}
  rescue Sparrow::Refused => refused
    refused.problems.to_h { |problem| [problem.pointer, problem.message] }
  end

  it "takes a copy of a house movement, whose ways round point into itself" do
    movement = described_class.read(own)
    expect(movement).to have_attributes(id: "own_squat", name: "Weir squat")
    expect(own["spares"].values).to all(start_with("own_squat.").or(satisfy { |id| Sparrow::Catalogue.house.variation(id) }))
  end

  it "can be planned with beside the house's" do
    catalogue = Sparrow::Catalogue.house.with([described_class.read(own)])
    levels = catalogue.movement("own_squat").opening_prescriptions
    workout = Sparrow::Plan.read(workout_document(intervals([{"id" => "s", "movement" => "own_squat", "levels" => levels}])), catalogue: catalogue)
    expect(Sparrow::Capacity::Lanes.new(Sparrow::Plan::Timeline.compile(workout)).worst(workout.blocks.first.stations.first.at("beginner"))).not_to be_nil
    expect(Sparrow::Catalogue.house.movement("own_squat")).to be_nil
  end

  it "counts every joint and strain that follows from how the body is placed, written or not" do
    push_up = described_class.copy(YAML.safe_load_file(File.join(Sparrow::DATA, "movements", "push_up.yml")), id: "own_push_up", name: "Weir push-up")
    push_up["ladder"].each { |variation| variation.update("joints" => [], "unflagged" => {}) }
    floor = described_class.movement(push_up).variation("own_push_up.floor")
    expect(floor.joints).to include("wrist", "shoulder", "lower_back")
    expect(described_class.derived(push_up).fetch("floor").map { |flag| [flag.name, flag.because.to_s] }).to include(["wrist", "weight is on the hands"])
    wrist = Sparrow::People::Limits::Form.limits_of("limits" => [{"kind" => "wrist", "severity" => "avoid"}]).first
    expect(wrist.rules_out?(floor)).to be(true)
  end

  it "says at which field what is counted lacks its tempo and its number" do
    own["ladder"][3].update("tempo" => nil, "target" => {})
    expect(problems(own).keys).to contain_exactly("/ladder/3/tempo", "/ladder/3/target/reps")
  end

  it "leaves out what it gives a reason for" do
    own["ladder"].each { |variation| variation.update("joints" => [], "unflagged" => {"knee" => "Held in water."}) }
    expect(described_class.movement(own).variation("own_squat.parallel").joints).to eq(%w[hip])
  end

  it "is held to the catalogue's schema, with a pointer to each thing wrong" do
    own["ladder"][1]["cues"] = []
    own["ladder"][0]["impact"] = "terrible"
    expect(problems(own).keys).to contain_exactly("/ladder/1/cues", "/ladder/0/impact")
  end

  it "is held to what a schema cannot say" do
    expect(problems(own.merge("id" => "squat"))["/id"]).to eq("must begin with own_")
    expect(problems(own.merge("ladder" => own["ladder"].reverse))["/ladder"]).to match(/must climb/)
    expect(problems(own.merge("opens" => own["opens"].merge("beginner" => "nothing")))).to eq("/opens/beginner" => "is not a version of this ladder")
    expect(problems(own.merge("opens" => {"beginner" => "pause", "intermediate" => "parallel", "advanced" => "jump"}))["/opens"]).to match(/must not fall/)
    expect(problems(own.merge("spares" => own["spares"].merge("knee" => "no.where")))).to eq("/spares/knee" => "is not a version of this ladder or of the catalogue")
    high = JSON.parse(JSON.generate(own)).tap { |held| held["ladder"].each { |variation| variation["impact"] = "high" } }
    expect(problems(high)["/ladder"]).to match(/without impact/)
    twice = JSON.parse(JSON.generate(own)).tap { |held| held["ladder"][1]["id"] = held["ladder"][0]["id"] }
    expect(problems(twice)["/ladder"]).to match(/two versions of one id/)
  end

  it "begins with a name and the version that is most like it, all of which is a guess" do
    begun = described_class.begin(house, "squat.pause", id: "own_still_squat", name: "Still squat")
    variation = described_class.read(begun).ladder.first
    expect(variation).to have_attributes(id: "own_still_squat.first", name: "Still squat", guessed_from: "squat.pause", joints: Sparrow::Catalogue.house.variation("squat.pause").joints)
    expect(begun["opens"].values.uniq).to eq(["first"])
  end

  it "says in words what a joint, a tempo or a length is not" do
    own["ladder"][0].merge!("joints" => ["toe"], "muscles" => ["wings"], "tempo" => "fast", "cues" => ["No"])
    expect(problems(own)).to include("/ladder/0/joints/0" => "Toe is not a joint we know", "/ladder/0/muscles/0" => "Wings is not a muscle we know", "/ladder/0/tempo" => a_string_matching(/four numbers/))
    expect(problems(own).values.map(&:to_s).grep(/\^|\\A|pattern/)).to eq([])
  end

  it "reads what was kept before versions said how the body is placed, on the safe side" do
    old = own.merge("ladder" => own["ladder"].map { |variation| variation.except("kit", "weight_on", "hold", "gets_down", "moves", "faults").merge("equipment" => %w[chair mat]) })
    now = described_class.current(old)
    expect(now["ladder"].first).to include("hold" => false, "gets_down" => true, "weight_on" => ["feet"], "kit" => [{"item" => "chair", "count" => 1}, {"item" => "mat", "count" => 1}])
    expect(Sparrow::Catalogue::Files.movement(now).ladder.first.equipment).to eq(%w[chair mat])
    expect(described_class.current(own)).to equal(own)
  end
end
