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
    high = JSON.parse(JSON.generate(own)).tap { |held| held["ladder"].each { |rung| rung["impact"] = "high" } }
    expect(problems(high)["/ladder"]).to match(/without impact/)
    twice = JSON.parse(JSON.generate(own)).tap { |held| held["ladder"][1]["id"] = held["ladder"][0]["id"] }
    expect(problems(twice)["/ladder"]).to match(/two versions of one id/)
  end
end
