# frozen_string_literal: true

RSpec.describe "Fitting a person to a station" do
  def push_ups(reps = 8, **keys)
    intervals([station("p", movement: "push_up", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "push_up.floor", "reps" => reps}] })],
      work_s: 40, rest_s: 150, rounds: 3, **keys)
  end

  let(:tested) { person(measured: {"push_up.floor" => 10}) }

  it "gives six floor push-ups of the eight that are planned: they leave 2.3 in the worst of three rounds, and a third of six is two" do
    cell = cell_of(tested, push_ups)
    expect([cell.option.variation.id, cell.option.number, cell.assigned.kind]).to eq(["push_up.floor", 6, "fits"])
    expect(cell.worst.left).to be_within(0.05).of(2.3)
    expect(cell.reason).to eq("6 of the 8 or so there by round 3; 8 would leave none; measured 1 week ago.")
  end

  it "leaves less than nothing, 0.9 and 2.3 of eight, seven and six floor push-ups in the third round" do
    left = [8, 7, 6].map do |reps|
      course = Sparrow::Fitting::ClassLayout.new(timeline_of(push_ups(reps)))
      Sparrow::Fitting::Assignment.new(course, tested).forecast.outlooks(0, course.standard(0, "intermediate")).last.left.round(1)
    end
    expect(left).to match([be_negative, 0.9, 2.3])
  end

  it "shows every round, what is available against what is asked" do
    rounds = cell_of(tested, push_ups).to_h["rounds"]
    expect(rounds.map(&:first)).to eq([1, 2, 3])
    expect(rounds.map(&:last)).to eq([6.0, 6.0, 6.0])
    expect(rounds.map { |round| round[1] }).to eq(rounds.map { |round| round[1] }.sort.reverse)
  end

  it "takes of a range the highest number that holds, from its top to its bottom" do
    ranged = push_ups({"min" => 4, "max" => 12})
    expect(cell_of(tested, ranged).option).to have_attributes(number: 6, variation: have_attributes(id: "push_up.floor"))
    expect(cell_of(person(measured: {"push_up.floor" => 40}), ranged).option.number).to eq(12)
    expect(cell_of(tested, push_ups({"min" => 7, "max" => 12})).option.variation.id).to eq("push_up.hands_30")
  end

  it "goes to the next easier version where not even half of the number holds" do
    weaker = person(measured: {"push_up.floor" => 4})
    expect(cell_of(weaker, push_ups).option).to have_attributes(variation: have_attributes(id: "push_up.hands_30"), number: be_between(4, 8))
  end

  it "lowers the easiest version below half, to three at least, and keeps the same reserve" do
    weak = person(level: "beginner", measured: {"push_up.wall" => 8})
    cell = cell_of(weak, push_ups(12))
    expect([cell.assigned.kind, cell.option.variation.id]).to eq(["lowered", "push_up.wall"])
    expect(cell.option.number).to be_between(3, 5)
    expect(cell.worst.left).to be >= [2, cell.option.number / 2.0].max - 1e-9
  end

  it "trusts old evidence, a guess, tiredness and soreness less, and says so" do
    old = person(measured: {"push_up.floor" => 20}, on: People::TODAY - 100)
    expect(cell_of(old, push_ups).reason).to include("measured 14 weeks ago, so trusted less")
    fresh = cell_of(person(measured: {"push_up.floor" => 20}), push_ups(5)).outlooks.first.available
    tired = cell_of(person(measured: {"push_up.floor" => 20}, state: "tired"), push_ups(5)).outlooks.first.available
    sore = cell_of(person(measured: {"push_up.floor" => 20}, sore: %w[wrist]), push_ups(5))
    expect(tired).to be < fresh
    expect(sore.reason).to start_with("Spares: wrist, gently;")
    expect(cell_of(person, push_ups).reason).to include("a guess from the intermediate level")
  end

  it "holds a newcomer, and whoever is not screened, to their own level's variations" do
    [person(measured: {"push_up.floor" => 90}, level: "beginner", newcomer: true), person(measured: {"push_up.floor" => 90}, level: "beginner", screening: "not_asked")].each do |guarded|
      mixed = intervals([station("p", movement: "push_up")], rounds: 2, work_s: 40)
      expect(cell_of(guarded, mixed).option.variation.id).to eq("push_up.knees")
    end
    expect(cell_of(person(measured: {"push_up.floor" => 90}, level: "beginner"), intervals([station("p", movement: "push_up")], work_s: 40)).step_up.option).to have_attributes(variation: have_attributes(id: "push_up.knees"), number: be > 5)
  end

  it "gives nothing before somebody has spoken with a person whose “yes” is open" do
    cell = cell_of(person(screening: "see_instructor"), push_ups)
    expect(cell.to_h).to include("kind" => "waits", "variation" => nil, "target" => "sit out", "attention" => true)
    expect(cell.reason).to include("speak with them first")
  end

  it "asks for what comes before a variation, where its pattern is only guessed" do
    chins = intervals([station("c", movement: "chin_up")], work_s: 30)
    cell = cell_of(person(level: "beginner"), chins)
    expect(cell.to_h.fetch("ruled_out", {})["chin_up.full"]).to start_with("first:")
  end

  it "substitutes within the pattern where a limit rules the whole ladder out" do
    thrusts = intervals([station("s", movement: "bar_dip")], work_s: 30)
    cell = cell_of(person(limits: [limit("shoulder"), limit("wrist")], measured: {"push_up.floor" => 30}), thrusts)
    expect([cell.assigned.kind, cell.option.variation.movement_id]).to eq(%w[substitute blade_press])
    expect(cell.reason).to include("spares: shoulder")
    wrist = cell_of(person(limits: [limit("wrist")], measured: {"push_up.floor" => 30}), thrusts)
    expect(wrist.assigned.kind).to eq("substitute")
    expect(wrist.option.variation.joints).not_to include("wrist")
    expect(wrist.option.variation.pattern).to eq("push")
    expect(wrist.reason).to start_with("Instead of")
  end

  it "settles later stations on what the earlier ones leave of the pattern" do
    alone = cell_of(tested, push_ups(6))
    before = station("n", movement: "push_up_narrow", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "push_up_narrow.knees", "reps" => 6}] })
    after = station("p", movement: "push_up", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "push_up.floor", "reps" => 6}] })
    second = cell_of(tested, intervals([before, after], work_s: 40, rest_s: 20, rounds: 3), at: 1)
    expect([second.option.demand, second.option.number]).to satisfy { |demand, number| demand < alone.option.demand || number < alone.option.number }
  end

  it "fits holds and timed stations by seconds" do
    plank = station("p", movement: "plank", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "plank.forearm", "hold_s" => 40}] })
    cell = cell_of(person(measured: {"plank.forearm" => 50}), intervals([plank], work_s: 60, rest_s: 30, rounds: 3))
    expect(cell.to_h["reserve"]["unit"]).to eq("s")
    expect(cell.option).to have_attributes(variation: have_attributes(id: "plank.forearm"), number: be_between(20, 35))
    march = cell_of(person(level: "beginner"), intervals([station("m", movement: "high_knees")], work_s: 50, rounds: 3))
    expect(march.target).to match(/\Afor 50 s|then rest/)
  end

  it "says nothing of what the model knows nothing of, and gives the level's own way" do
    cell = cell_of(person, intervals([station("w", movement: "wood_chop")]))
    expect([cell.assigned.kind, cell.standard?]).to eq(["unknown", true])
    expect(cell.reason).to include("how much of it they can do is not known")
  end

  it "is the same however often it is asked" do
    people = [person("a", measured: {"push_up.floor" => 12}), person("b", limits: [limit("knee", severity: "gently")])]
    blocks = [push_ups, intervals(3, id: "two", rounds: 2)]
    expect(fit(people, *blocks).cells("b").map(&:to_h)).to eq(fit(people, *blocks).cells("b").map(&:to_h))
  end

  it "works through every format" do
    %w[rounds amrap chipper].each do |format|
      block = {"id" => "x", "role" => "main", "format" => format, "rounds" => 2, "cap_s" => 300, "stations" => [station("a", movement: "push_up"), station("b", movement: "squat")]}
      block.delete("rounds") unless format == "rounds"
      expect(fit(tested, block).cells("tamsin").map(&:worst)).to all(be_a(Sparrow::Fitting::PersonForecast::SetOutlook)), format
    end
    quota = {"id" => "q", "role" => "main", "format" => "quota", "stations" => [station("a", movement: "push_up", levels: Sparrow::Level::ALL.to_h { |level| [level, {"reps" => nil, "quota" => {"min" => 20, "max" => 40}}] })]}
    expect(cell_of(tested, quota).target).to eq("20–40 in the day")
  end

  describe "the instructor's own choice" do
    def choice(variation, number = nil, locked: true, **rest)
      {%w[main p] => Sparrow::Fitting::Participant::Choice.new(variation: variation, number: number, locked: locked, **rest)}
    end

    it "stands where it is locked, with who and why" do
      cell = cell_of(person(measured: {"push_up.floor" => 10}, choices: choice("push_up.floor", 5, by: "Emeka Thorsby", why: "wants the floor")), push_ups)
      expect([cell.assigned.kind, cell.option.variation.id, cell.option.number]).to eq(["locked", "push_up.floor", 5])
      expect(cell.reason).to eq("Set by Emeka Thorsby; 5 of the 8 or so there by round 3; “wants the floor”.")
    end

    it "is marked where it asks for more than is there" do
      expect(cell_of(person(measured: {"push_up.floor" => 4}, choices: choice("push_up.floor", 12)), push_ups)).to be_beyond
    end

    it "never goes through a limit" do
      cell = cell_of(person(measured: {"push_up.floor" => 30}, limits: [limit("wrist")], choices: choice("push_up.floor")), push_ups)
      expect(cell.option.variation.joints).not_to include("wrist")
    end

    it "from last time is taken while it fits" do
      fitting = cell_of(person(measured: {"push_up.floor" => 30}, choices: choice("push_up.knees", 8, locked: false, by: "Ottoline Varga")), push_ups)
      expect([fitting.assigned.kind, fitting.option.variation.id]).to eq(["remembered", "push_up.knees"])
      expect(fitting.reason).to start_with("As Ottoline Varga set it last time")
      expect(cell_of(person(measured: {"push_up.floor" => 2}, choices: choice("push_up.floor", 12, locked: false)), push_ups).assigned.kind).not_to eq("remembered")
    end
  end
end
