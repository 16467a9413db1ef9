# frozen_string_literal: true

RSpec.describe Sparrow::Fitting::Reason do
  let(:push_ups) { intervals([station("p", movement: "push_up", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "push_up.floor", "reps" => 8}] })], work_s: 40, rest_s: 60, rounds: 2) }

  def reason(somebody, block = push_ups, **rest)
    cell_of(somebody, block, **rest).reason
  end

  def all_of(movement, variation, **keys)
    station("s", movement: movement, levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => variation, **keys.transform_keys(&:to_s)}] })
  end

  it "says how many of how many in the worst round, in whole numbers and the cell's own unit, and from where that is known" do
    expect(reason(person(measured: {"push_up.floor" => 16}))).to eq("8 of the 13 or so there by round 2; measured 1 week ago.")
    held = intervals([all_of("plank", "plank.forearm", hold_s: 30)], work_s: 40)
    expect(reason(person(measured: {"plank.forearm" => 90}), held)).to eq("30 s of the 90 or so there by round 1; measured 1 week ago.")
  end

  it "counts as the cell does, and not a side, where sides alternate" do
    lunges = intervals([all_of("lunge_back", "lunge_back.free", reps: 12)], work_s: 60)
    expect(reason(person(measured: {"lunge_back.free" => 20}), lunges)).to eq("12 of the 40 or so there by round 1; measured 1 week ago.")
  end

  it "does not count what is left over where that is plenty" do
    expect(reason(person(measured: {"push_up.floor" => 90}))).to start_with("8, with plenty left in round 2;")
  end

  it "says what the level's own number or version would leave, where less is given" do
    expect(reason(person(measured: {"push_up.floor" => 13}))).to include("; 8 would leave too little; ")
    expect(reason(person(measured: {"push_up.floor" => 4}))).to include("; Floor push-up would leave none; ")
  end

  it "says what lowered a number below half of what is planned, and from what" do
    expect(reason(person(measured: {"push_up.wall" => 6}))).to start_with("Lowered from 8; 3 of the ")
    held = intervals([all_of("plank", "plank.wall", hold_s: 60)], work_s: 60, rest_s: 0, rounds: 3)
    expect(reason(person(level: "beginner", measured: {"plank.wall" => 50}), held)).to start_with("Lowered from 60; ")
  end

  it "names what the level's own version would not spare" do
    expect(reason(person(limits: [limit("lower_back", severity: "gently")], measured: {"push_up.floor" => 30}))).to start_with("Spares: lower back, gently; 8 of the ")
    expect(reason(person(sore: %w[lower_back], measured: {"push_up.floor" => 30}))).to start_with("Spares: lower back, gently; 8 of the ")
  end

  it "says in whose place something stands, and where it works other muscles" do
    dips = intervals([all_of("bar_dip", "bar_dip.feet", reps: 6)], work_s: 40)
    expect(reason(person(limits: [limit("wrist")], measured: {"push_up.floor" => 40}), dips)).to start_with("Instead of Bar dip, feet on the floor: spares: wrist;")
    reach = intervals([station("q", movement: "squat_reach")], work_s: 40)
    expect(reason(person(limits: [limit("knee")]), reach)).to end_with("; it works other muscles.")
  end

  it "sends to the instructor who has nothing left to do" do
    jumps = intervals([station("j", movement: "box_jump")], work_s: 40)
    nothing = Sparrow::People::Limits::JOINTS.map { |joint| limit(joint) }
    expect(reason(person(limits: nothing), jumps, kit: {"mat" => 9})).to match(/\A(Spares: .+|No .+ in the room); sit this one out and see the instructor\.\z/)
  end

  it "says that nothing is given before a “yes” has been talked about" do
    expect(reason(person(screening: "see_instructor"))).to eq("A “yes” in the screening is not cleared yet: speak with them first.")
  end

  it "says what today has to do with it" do
    expect(reason(person(state: "tired", measured: {"push_up.floor" => 30}))).to end_with("measured 1 week ago, tired today.")
  end

  it "speaks of as many as stay clean where there is no number" do
    open = intervals([all_of("squat", "squat.parallel", reps: nil)], work_s: 40)
    expect(reason(person(measured: {"squat.parallel" => 40}), open)).to eq("As many as stay clean of the 40 or so there by round 1; measured 1 week ago.")
  end

  it "gives the instructor's words for a choice, and does without where there are none" do
    chosen = lambda { |**rest| person(measured: {"push_up.floor" => 16}, choices: {%w[main p] => Sparrow::Fitting::Participant::Choice.new(variation: "push_up.knees", number: 6, locked: true, **rest)}) }
    expect(reason(chosen.call(by: "Ottoline Varga", why: "as agreed"))).to match(/\ASet by Ottoline Varga; 6 of the \d+ or so there by round 2; “as agreed”\.\z/)
    expect(reason(chosen.call(why: " "))).to match(/\ASet by the instructor; 6 of the \d+ or so there by round 2\.\z/)
  end

  it "begins with a capital, ends with a full stop and is never longer than 120 characters, whatever it says" do
    choice = Sparrow::Fitting::Participant::Choice.new(variation: "push_up.feet_30", number: 6, locked: true, by: "Ottoline Varga", why: "because " * 20)
    people = [person, person(limits: [limit("wrist", side: "left")]), person(sore: %w[elbow], state: "tired"), person(measured: {"push_up.wall" => 5}), person(screening: "see_instructor"),
      person(choices: {%w[main p] => choice}), person(limits: Sparrow::People::Limits::KINDS.map { |kind| limit(kind) })]
    blocks = [push_ups, intervals([station("m", movement: "push_up", levels: {"advanced" => {"reps" => 30}})], work_s: 40, rounds: 3), intervals([station("w", movement: "wood_chop")]), intervals([station("t", movement: "thrust_press")])]
    people.product(blocks).each { |somebody, block| expect(reason(somebody, block)).to match(/\A[\dA-Z“].{5,118}[.…]\z/) }
  end

  it "names what bounds it, where the class goes to the reserve and more is there" do
    bounded = lambda do |somebody, block|
      Sparrow::Fitting::Sheet.new(timeline_of(block), [somebody], to_reserve: true).cells(somebody.id).first.reason
    end
    strong = {"push_up.floor" => 60}
    few = intervals([all_of("push_up", "push_up.floor", reps: 5)], work_s: 40)
    expect(bounded.call(person, few)).to include("how much they can do is not measured")
    expect(bounded.call(person(level: "advanced", measured: strong), push_ups)).to include("12, with plenty left").or include("12 of the")
    full = intervals([all_of("push_up", "push_up.floor", reps: 13)], work_s: 40)
    expect(bounded.call(person(measured: strong), full)).to include("the time has no room for more")
    one = intervals([all_of("push_up", "push_up.floor", reps: 4)], work_s: 40, scaling: "share")
    expect(bounded.call(person(measured: strong), one)).to include("half as much again as is planned")
  end
end
