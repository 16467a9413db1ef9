# frozen_string_literal: true

RSpec.describe Sparrow::Fitting::Allowed do
  def workout(movement)
    Sparrow::Plan.read(workout_document(intervals([station("s", movement: movement)], work_s: 30)))
  end

  def options(movement)
    block = workout(movement).blocks.first
    found = Sparrow::Fitting::Options.new(block, block.stations.first)
    [*found.down_from("beginner"), *found.up_from("beginner")]
  end

  def variation(movement, name)
    options(movement).find { |option| option.variation.id == "#{movement}.#{name}" }
  end

  def house(somebody, option, standard: option, kit: nil)
    described_class.new(somebody, kit).house(option, standard)
  end

  def limits(somebody, option)
    described_class.new(somebody, nil).limit(option)
  end

  it "names the limit that rules a variation out, and the first of several" do
    somebody = person(limits: [limit("wrist", side: "left"), limit("shoulder")])
    expect(limits(somebody, variation("push_up", "floor"))).to eq("spares: left wrist")
    expect(limits(somebody, variation("push_up_fists", "wall"))).to eq("spares: shoulder")
    expect(limits(somebody, variation("squat", "parallel"))).to be_nil
  end

  it "bars hard landings with a sore joint, whichever joint it is, and no others" do
    sore = person(sore: %w[wrist])
    expect(limits(sore, variation("squat", "jump"))).to eq("no hard landings with a sore wrist")
    expect(limits(sore, variation("side_hop", "low"))).to be_nil
    expect(limits(sore, variation("push_up", "floor"))).to eq("spares: wrist, gently")
    expect(limits(sore, variation("push_up_fists", "wall"))).to be_nil
  end

  it "gives nothing for which the room has no piece, and counts walls nowhere" do
    expect(house(person, variation("push_up", "hands_60"), kit: {"bench" => 0})).to eq("no bench in the room")
    expect(house(person, variation("push_up", "hands_60"), kit: {})).to eq("no bench in the room")
    expect(house(person, variation("push_up", "hands_60"), kit: {"bench" => 1})).to be_nil
    expect(house(person, variation("push_up", "wall"), kit: {})).to be_nil
    expect(house(person, variation("push_up", "hands_60"), kit: nil)).to be_nil
  end

  it "holds newcomers and the unscreened to what their own level is asked, without hard landings" do
    standard = variation("squat", "chair_tap")
    [person(newcomer: true), person(screening: "not_asked")].each do |guarded|
      expect(house(guarded, variation("squat", "parallel"), standard: standard)).to include("nothing above their own level")
      expect(house(guarded, standard, standard: standard)).to be_nil
      expect(house(guarded, variation("squat", "jump"), standard: variation("squat", "jump"))).to include("no hard landings yet")
    end
    expect(house(person(screening: "cleared", measured: {"squat.parallel" => 40}), variation("squat", "parallel"), standard: standard)).to be_nil
  end

  it "goes no more than one level above their own, and not above one that is a guess" do
    standard = variation("push_up", "knees")
    tested = person(level: "beginner", measured: {"push_up.knees" => 40})
    expect(house(tested, variation("push_up", "floor"), standard: standard)).to be_nil
    expect(house(tested, variation("push_up", "feet_30"), standard: standard)).to eq("more than one level above theirs")
    expect(house(person(level: "beginner"), variation("squat", "parallel"), standard: variation("squat", "chair_tap"))).to start_with("first: ")
  end

  it "asks for a variation's prerequisite only above their own level, and only where nothing has been seen" do
    standard = variation("push_up", "knees")
    harder = variation("push_up", "feet_30")
    expect(house(person, harder, standard: standard)).to start_with("first: ")
    expect(house(person, harder, standard: harder)).to be_nil
    expect(house(person(measured: {"push_up.floor" => 12}), harder, standard: standard)).to be_nil
    seen = Sparrow::Capacity::Estimates.new(levels: {}, pacing_level: "intermediate", evidence: evidence({"push_up.knees" => 12}, People::TODAY - 3, source: "results"), today: People::TODAY)
    expect(house(person.with(estimates: seen), harder, standard: standard)).to be_nil
  end
end
