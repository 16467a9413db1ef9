# frozen_string_literal: true

RSpec.describe Sparrow::Fitting::Assignment do
  let(:push_ups) { intervals([station("p", movement: "push_up", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "push_up.floor", "reps" => 8}] })], work_s: 40, rest_s: 60, rounds: 2) }

  def assignment(somebody, block = push_ups, kit: nil)
    described_class.new(Sparrow::Fitting::ClassLayout.new(timeline_of(block)), somebody, kit: kit)
  end

  def variation(assigned)
    assigned.option&.variation&.id
  end

  it "opens with what the level of the pattern is asked, not the one that they follow" do
    mixed = intervals([station("p", movement: "push_up")], work_s: 40)
    strong_legs = person(level: "advanced", levels: {"push" => "beginner"})
    expect(variation(assignment(strong_legs, mixed).assigned.first)).to eq("push_up.knees")
    expect(assignment(strong_legs, mixed).standard(0).level).to eq("beginner")
  end

  it "never gives more with a limit than without, even where the easy variations are the barred ones" do
    weak = {"push_up.wall" => 10}
    free = assignment(person(measured: weak)).best(0)
    expect(variation(free)).to eq("push_up.wall")
    room = {"mat" => 9, "step" => 9, "bench" => 9}
    limited = assignment(person(measured: weak, limits: [limit("needs_support")]), kit: room).best(0)
    expect(limited.option&.demand.to_f).to be <= free.option.demand
  end

  it "offers for shared kit only what is easier, and each with a number that holds" do
    held = assignment(person(measured: {"push_up.floor" => 40})).call
    others = held.others(0, short: ["mat"])
    expect(others).not_to be_empty
    expect(others).to all(satisfy { |option| option.demand < held.assigned.first.option.demand })
    expect(others).to all(satisfy { |option| held.highest(0).holds?(0, option) })
    expect(others.last.equipment).not_to include("mat")
  end

  it "finds something else that needs none of the pieces that are short" do
    steps = intervals([station("u", movement: "step_up")], work_s: 30)
    held = assignment(person(measured: {"lunge_back.free" => 30}), steps).call
    instead = held.others(0, short: ["step"]).last
    expect(instead.equipment).not_to include("step")
    expect([instead.variation.pattern, instead.demand <= held.assigned.first.option.demand]).to eq(["lunge", true])
    expect(assignment(person(screening: "see_instructor")).call.others(0, short: [])).to eq([])
  end

  it "takes a choice without a variation as a number for the compound it stands on" do
    parts = [{"movement" => "high_knees", "reps" => 4}, {"movement" => "mountain_climber", "reps" => 4}]
    compound = {"id" => "p", "counting" => "compound", "parts" => parts, "levels" => Sparrow::Level::ALL.zip([2, 3, 4]).to_h { |level, reps| [level, {"reps" => reps}] }}
    choice = Sparrow::Fitting::Participant::Choice.new(number: 2, locked: true)
    assigned = assignment(person(choices: {%w[main p] => choice}), intervals([compound], work_s: 60)).call.assigned.first
    expect([assigned.kind, assigned.option.number, assigned.option.variation]).to eq(["locked", 2, nil])
  end

  it "passes over a choice for a variation that the catalogue no longer has" do
    choice = Sparrow::Fitting::Participant::Choice.new(variation: "own_gone.variation_1", locked: true)
    expect(assignment(person(choices: {%w[main p] => choice}, measured: {"push_up.floor" => 30})).call.assigned.first.kind).to eq("fits")
  end

  it "says the most of a version that leaves the reserve, and nothing where not one does" do
    held = assignment(person(measured: {"push_up.floor" => 20})).call
    option = held.course.option(0, Sparrow::Catalogue.house.variation("push_up.floor"), "intermediate")
    most = held.most(0, option, 30.downto(1).to_a)
    expect([most, most + 1].map { |number| held.highest(0).holds?(0, held.course.asking(option, number)) }).to eq([true, false])
    weak = assignment(person(measured: {"push_up.floor" => 1})).call
    expect(weak.most(0, option, 30.downto(1).to_a)).to be_nil
  end
end
