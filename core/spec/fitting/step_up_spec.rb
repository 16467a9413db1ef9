# frozen_string_literal: true

RSpec.describe Sparrow::Fitting::StepUp do
  def block(reps: 8, role: "main", movement: "push_up", variation: "push_up.floor", **keys)
    intervals([station("p", movement: movement, levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => variation, "reps" => reps}] })], work_s: 60, rest_s: 60, rounds: 2, role: role, **keys)
  end

  def three
    intervals([station("p", movement: "push_up", levels: {"beginner" => {"reps" => 3}})], work_s: 30, rest_s: 60, rounds: 2)
  end

  def step(somebody, held = block)
    cell_of(somebody, held).step_up
  end

  it "is offered to who could do twice the number and half as much again as the level, and is measured" do
    found = step(person(measured: {"push_up.floor" => 40}))
    expect(found.option).to have_attributes(variation: have_attributes(id: "push_up.floor"), number: 9)
    expect(found.most).to be >= 16
  end

  it "is offered to nobody who is just at their level, or is only guessed, new or not screened" do
    able = {"push_up.floor" => 40}
    [person(measured: {"push_up.floor" => 15}), person, person(measured: able, newcomer: true), person(measured: able, screening: "not_asked")].each { |somebody| expect(step(somebody)).to be_nil }
    expect(step(person(measured: {"push_up.floor" => 15}), block(reps: 3))).to be_nil
  end

  it "is offered nowhere in a warm-up, nor where a total or the window is the target" do
    able = person(measured: {"push_up.floor" => 60, "squat.parallel" => 95})
    expect(step(able, block(role: "warm_up"))).to be_nil
    open = intervals([station("s", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel", "reps" => nil}] })], work_s: 40)
    expect(step(able, open)).to be_nil
  end

  it "is a fifth more where the window has time for that, else the next version with a number that holds" do
    able = person(measured: {"push_up.floor" => 60})
    full = block(reps: 8).merge("work_s" => 24)
    found = step(able, full)
    expect(found.option.variation.id).to eq("push_up.feet_30")
    expect(cell_of(person(measured: {"push_up.floor" => 60}, choices: {%w[main p] => Sparrow::Fitting::Participant::Choice.new(variation: found.option.variation.id, number: found.option.number, locked: true)}), full).worst.left).to be >= 2
  end

  it "is never a jump uninvited, nor what a limit rules out" do
    able = person(level: "advanced", measured: {"squat.parallel" => 99})
    paused = intervals([station("s", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.pause", "reps" => 6}] })], work_s: 31, rounds: 1)
    expect(step(able, paused)).to be_nil
    spared = person(measured: {"push_up.floor" => 60}, limits: [limit("knee")])
    expect(step(spared, block(movement: "push_up", variation: "push_up.hands_60", reps: 8).merge("work_s" => 24))&.option&.variation&.id).not_to eq("push_up.knees")
  end

  it "can be taken: the cell then shows what was offered" do
    able = {"push_up.floor" => 40}
    offered = step(person(measured: able)).option
    taken = cell_of(person(measured: able, choices: {%w[main p] => Sparrow::Fitting::Participant::Choice.new(variation: offered.variation.id, number: offered.number, locked: true)}), block)
    expect([taken.option.variation, taken.option.number]).to eq([offered.variation, offered.number])
  end

  describe "where the class goes to the reserve" do
    def given(somebody, held)
      Sparrow::Fitting::Sheet.new(timeline_of(held), [somebody], to_reserve: true).cells(somebody.id).first
    end

    it "takes up to half as much again, as far as the reserve is left" do
      expect(given(person(measured: {"push_up.floor" => 90}), block(scaling: "share")).option.number).to eq(12)
      tight = given(person(measured: {"push_up.floor" => 17}), block(scaling: "share"))
      expect(tight.option.number).to be_between(8, 11)
      more = tight.option.asking(tight.option.number + 1)
      expect(tight.instance_variable_get(:@assignment).highest(0).holds?(0, more)).to be(false)
    end

    it "leaves a warm-up as it is planned" do
      expect(given(person(measured: {"push_up.floor" => 90}), block(role: "warm_up"))).to be_standard
    end

    it "takes a harder version where the whole number holds, one level above at most" do
      expect(given(person(level: "beginner", measured: {"push_up.floor" => 40}), three).option.variation.id).to eq("push_up.floor")
      expect(given(person(level: "beginner"), three).option.variation.id).to eq("push_up.knees")
    end
  end
end
