# frozen_string_literal: true

RSpec.describe Sparrow::Planning::WithinConditions do
  def opens(**given)
    described_class.new(Sparrow::Plan::Conditions.read(given.transform_keys(&:to_s))).opens
  end

  def versions(opened)
    opened.values.flat_map { |levels| levels.values.map { |cell| cell["variation"] } }.uniq.map { |id| Sparrow::Catalogue.house.variation(id) }
  end

  it "opens all as usual where there are none" do
    expect(opens).to eq(Sparrow::Catalogue.house.to_h { |movement| [movement.id, movement.opening_prescriptions] })
  end

  it "keeps to no kit, no jumps, standing, seated and a small room" do
    expect(versions(opens(no_kit: true)).flat_map(&:pieces).uniq - %w[wall mat]).to eq([])
    expect(versions(opens(no_jumps: true)).map(&:impact)).not_to include("high")
    expect(versions(opens(position: "standing")).flat_map(&:positions).uniq).to eq(%w[standing])
    expect(versions(opens(position: "seated")).map(&:position).uniq).to eq(%w[seated])
    expect(versions(opens(small_room: true)).map(&:space)).not_to include("travelling")
  end

  it "leaves out what cannot keep to them, and leaves enough to make a class of" do
    expect(opens(position: "seated")).not_to include("push_up")
    expect(opens(no_kit: true)).not_to include("chin_up")
    patterns = ->(opened) { opened.keys.map { |id| Sparrow::Catalogue.house.movement(id).pattern }.uniq }
    expect(patterns.call(opens(no_kit: true))).to include("push", "pull", "squat", "lunge", "hinge", "trunk_bracing")
    expect(patterns.call(opens(position: "standing"))).to include("push", "pull", "squat", "lunge")
    expect(opens(position: "seated").size).to be > 12
  end

  it "suggests a warm-up and a cool-down that keep to them" do
    document = workout_document(intervals([station("a", movement: "squat"), station("b", movement: "row")]), conditions: {"position" => "standing", "no_kit" => true})
    timeline = Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(document))
    [Sparrow::Planning::Suggest::WarmUp, Sparrow::Planning::Suggest::CoolDown].each do |suggest|
      block = suggest.new(timeline).call(240)["block"]
      cells = block["stations"].flat_map { |held| held["levels"].values.map { |cell| Sparrow::Catalogue.house.variation(cell["variation"]) } }
      expect(cells.reject { |variation| timeline.workout.conditions.keeps?(variation) }).to eq([])
    end
  end
end
