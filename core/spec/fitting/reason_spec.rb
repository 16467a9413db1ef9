# frozen_string_literal: true

RSpec.describe Sparrow::Fitting::Reason do
  let(:push_ups) { intervals([station("p", movement: "push_up", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "push_up.floor", "reps" => 8}] })], work_s: 40, rest_s: 60, rounds: 2) }

  def reason(somebody, block = push_ups, **rest)
    cell_of(somebody, block, **rest).reason
  end

  it "begins with a capital and ends with a full stop, whatever it says" do
    people = [person, person(screening: "see_instructor"), person(measured: {"push_up.wall" => 3}), person(limits: [limit("wrist"), limit("shoulder")]),
      person(level: "beginner", newcomer: true), person(state: "tired", sore: %w[wrist elbow])]
    blocks = [push_ups, intervals([station("w", movement: "wood_chop")]), intervals([station("j", movement: "jumping_jack")])]
    people.product(blocks).each { |somebody, block| expect(reason(somebody, block)).to match(/\A[A-Z“].*\.\z/) }
  end

  it "names the round that leaves least, with what is there, asked and left, and the source" do
    expect(reason(person(measured: {"push_up.floor" => 16}))).to match(/\AIn round 2 about \d+(\.\d)? are there, 8 asked, \d+(\.\d)? left \(measured 1 week ago\)/)
  end

  it "says what the next variation up would leave, or why it is not given" do
    expect(reason(person(measured: {"push_up.floor" => 16}))).to match(/Push-up, feet on a step would leave -?\d+(\.\d)?, too little|not Push-up, feet on a step/)
    expect(reason(person(measured: {"push_up.floor" => 16}, newcomer: true, level: "intermediate"))).to include("not Push-up, feet on a step: new: nothing above their own level")
  end

  it "says what lowered a number, and from what" do
    expect(reason(person(level: "beginner", measured: {"push_up.wall" => 9}))).to match(/\ALowered from \d+: in round/)
  end

  it "says in whose place a substitute stands, and what ruled the station out" do
    dips = intervals([station("d", movement: "bar_dip")], work_s: 30)
    expect(reason(person(limits: [limit("wrist")], measured: {"push_up.floor" => 40}), dips)).to start_with("In place of Dip between bars (spares: wrist); in round 1")
  end

  it "sends to the instructor who has nothing left to do" do
    jumps = intervals([station("j", movement: "squat_jump")], work_s: 30)
    nothing = Sparrow::People::Limits::KINDS.map { |kind| limit(kind) }
    expect(reason(person(limits: nothing), jumps, kit: {"mat" => 9})).to eq("Spares: knee: sit this one out, see the instructor.")
    hanging = intervals([station("c", movement: "chin_up", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "chin_up.full", "reps" => 5}] })], work_s: 40, rest_s: 0, rounds: 4)
    cell = cell_of(person(level: "beginner", measured: {"row.standing" => 0}), hanging)
    expect(cell.reason).to include("see the instructor").or include("lowered from").or include("In place of")
  end

  it "says of an older test that it is trusted less, and of a guess that it is one" do
    expect(reason(person(measured: {"push_up.floor" => 20}, on: People::TODAY - 200))).to include("measured 28 weeks ago, so trusted less")
    expect(reason(person(level: "advanced"))).to include("a guess from the advanced level")
  end

  it "says what today has to do with it" do
    expect(reason(person(state: "tired"))).to include("tired today")
    expect(reason(person(sore: %w[elbow]))).to include("sore elbow today")
    expect(reason(person(sore: %w[knee]))).not_to include("sore knee today")
  end

  it "speaks of a march where a jump is stepped" do
    jacks = intervals([station("j", movement: "jumping_jack", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "jumping_jack.step", "reps" => 20}] })], work_s: 30)
    expect(reason(person(measured: {"push_up.floor" => 10}), jacks)).to include("a guess from the intermediate level")
  end

  it "says “none” of a harder version that would leave nothing" do
    expect(reason(person(measured: {"push_up.floor" => 11}))).to match(/would leave (none|\d)/)
    expect(reason(person(measured: {"push_up.knees" => 9}))).not_to match(/leave -/)
  end

  it "speaks of seconds at a hold, and of as many as stay clean where there is no number" do
    held = intervals([station("k", movement: "plank", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "plank.forearm", "hold_s" => 30}] })], work_s: 40, rest_s: 60)
    expect(reason(person(measured: {"plank.forearm" => 90}), held)).to match(/are there, 30 s asked, \d+(\.\d)? left/)
    open = intervals([station("s", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.jump", "reps" => nil}] })], work_s: 40)
    expect(reason(person(level: "advanced", measured: {"squat.parallel" => 90}), open)).to include("as many as stay clean")
  end

  it "gives the instructor's words for a choice, and does without where there are none" do
    own = {block: "main", station: "p"}
    chosen = ->(**rest) { person(choices: {own.values => Sparrow::Fitting::Participant::Choice.new(variation: "push_up.knees", number: 6, locked: true, **rest)}) }
    expect(reason(chosen.call(by: "Ottoline Varga", why: "as agreed"))).to start_with("Set by Ottoline Varga (“as agreed”)")
    expect(reason(chosen.call(why: " "))).to start_with("Set by the instructor; ")
  end

  it "says from how long a hold was lowered" do
    held = intervals([station("k", movement: "plank", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "plank.wall", "hold_s" => 60}] })], work_s: 60, rest_s: 0, rounds: 3)
    expect(reason(person(level: "beginner", measured: {"plank.wall" => 50}), held)).to match(/lowered from 60 s|Lowered from 60 s/)
  end

  it "does not know the number that a station of several movements leaves, but says what is there" do
    parts = [{"movement" => "push_up", "reps" => 2}, {"movement" => "squat", "reps" => 2}]
    compound = {"id" => "c", "counting" => "compound", "parts" => parts, "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 3}] }}
    expect(reason(person(measured: {"push_up.floor" => 40, "squat.parallel" => 80}), intervals([compound], work_s: 120))).to match(/\AIn round 1 about .* left \(no estimate\)\.\z/)
  end
end
