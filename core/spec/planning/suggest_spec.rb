# frozen_string_literal: true

RSpec.describe Sparrow::Planning::Suggest do
  let(:pulls) { timeline_of(intervals([station("a", movement: "row"), station("b", movement: "chin_up")], rounds: 3)) }
  let(:legs) { timeline_of(intervals([station("a", movement: "squat"), station("b", movement: "lunge_back")], rounds: 3)) }

  def movements(block)
    block["stations"].map { |held| Sparrow::Catalogue.house.movement(held["movement"]) }
  end

  it "raises the pulse, then moves joints, then rehearses patterns" do
    block = Sparrow::Planning::Suggest::WarmUp.new(legs).call(300)["block"]
    ranks = movements(block).map { |movement| {"gait" => 0, "jump" => 0, "mobility" => 1}.fetch(movement.pattern, 2) }
    expect(ranks).to eq(ranks.sort)
    expect(ranks.first).to eq(0)
    expect(ranks.uniq).to eq([0, 1, 2])
  end

  it "stays within the length that was chosen" do
    [3, 5, 8].each do |minutes|
      warm_up = timeline_of(Sparrow::Planning::Suggest::WarmUp.new(legs).call(minutes * 60)["block"])
      expect(warm_up.total_s).to be_between(minutes * 60 - 60, minutes * 60)
      cool_down = timeline_of(Sparrow::Planning::Suggest::CoolDown.new(legs).call(minutes * 60)["block"])
      expect(cool_down.total_s).to be_between(minutes * 60 - 80, minutes * 60)
    end
  end

  it "rehearses what is loaded later" do
    patterns = movements(Sparrow::Planning::Suggest::WarmUp.new(legs).call(240)["block"]).map(&:pattern)
    expect(patterns).to include("squat")
  end

  it "stretches what was worked most, and both sides of it" do
    after_legs = Sparrow::Planning::Suggest::CoolDown.new(legs).call(140)["block"]
    after_pulls = Sparrow::Planning::Suggest::CoolDown.new(pulls).call(140)["block"]
    expect(movements(after_legs).flat_map { |movement| movement.ladder.flat_map(&:muscles) }).to include("front of thigh")
    expect(movements(after_pulls).map(&:id)).not_to eq(movements(after_legs).map(&:id))
    one_sided = after_legs["stations"].select { |held| movements(after_legs).find { |m| m.id == held["movement"] }.ladder.any? { |rung| rung.sides == "one_sided" } }
    expect(one_sided.map { |held| held["sides"] }).to all(eq("split"))
  end

  it "says why each move was chosen" do
    [Sparrow::Planning::Suggest::WarmUp, Sparrow::Planning::Suggest::CoolDown].each do |kind|
      answer = kind.new(legs).call(300)
      expect(answer["reasons"].map { |reason| reason["station"] }).to eq(answer["block"]["stations"].map { |held| held["id"] })
      expect(answer["reasons"].map { |reason| reason["why"] }).to all(match(/\A[A-Z].*\.\z/))
    end
  end

  it "takes an id that no block has" do
    taken = timeline_of(intervals(1, id: "warm-up"))
    expect(Sparrow::Planning::Suggest::WarmUp.new(taken).call(120)["block"]["id"]).to eq("warm-up-2")
  end
end
