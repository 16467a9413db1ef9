# frozen_string_literal: true

RSpec.describe Sparrow::Capacity::Estimates do
  def estimates(measured = {}, on: People::TODAY - 7, source: "measured", bound: false, **rest)
    of(evidence(measured, on, source: source, bound: bound), **rest)
  end

  def of(evidence, pacing_level: "intermediate", levels: {})
    described_class.new(levels: levels, pacing_level: pacing_level, evidence: evidence, today: People::TODAY)
  end

  def results(measured, days_ago, bound: false)
    evidence(measured, People::TODAY - days_ago, source: "results", bound: bound)
  end

  def amount(found, variation, state: "fresh")
    ladder = Sparrow::Capacity::Prediction.of(Sparrow::Catalogue.house.variation(variation).pattern, found.profile(state: state), Sparrow::Catalogue.house)
    ladder.flat_map { |movement| movement["variations"] }.find { |one| one["id"] == variation }["amount"]
  end

  it "turns ten clean floor push-ups into S = 0.8533…, and predicts ten again" do
    found = estimates({"push_up.floor" => 10})
    expect(found.of("push").reps.value).to eq(Rational(64, 75))
    expected = {"push_up.floor" => 10.0, "push_up.hands_60" => 32.4, "push_up.knees" => 22.2, "push_up.hands_30" => 16.5, "push_up.feet_30" => 6.5}
    expect(expected.to_h { |id, _| [id, amount(found, id)] }).to eq(expected)
  end

  it "has legs do more at the same share of their strength: 20 sit-to-stands, 14 chair taps and 8 parallel squats are one person's" do
    found = estimates({"squat.parallel" => 8})
    expect([amount(found, "squat.chair_tap").round, amount(found, "squat.chair_sit").round]).to eq([14, 20])
  end

  it "takes the factor of trust on the number: evidence whole, at nine tenths after twelve weeks, a guess at eight tenths" do
    expect(amount(estimates({"push_up.floor" => 10}, on: People::TODAY - 84), "push_up.floor")).to eq(10)
    expect(amount(estimates({"push_up.floor" => 10}, on: People::TODAY - 85), "push_up.floor")).to eq(9)
    expect(amount(estimates, "push_up.floor")).to eq(12)
    expect(estimates.of("push").reps).to have_attributes(factor: 0.8, source: "guess")
  end

  it "has 85 % of the number for somebody tired" do
    expect(amount(estimates({"push_up.floor" => 10}), "push_up.floor", state: "tired")).to eq(8.5)
  end

  it "guesses from the level chosen for the pattern, else from the one they follow" do
    found = estimates(levels: {"push" => "advanced"}, pacing_level: "beginner")
    expect([found.of("push").level, found.of("squat").level]).to eq(%w[advanced beginner])
  end

  it "takes the latest test, and of one day the lower" do
    found = of(evidence({"push_up.floor" => 30}, People::TODAY - 60) + evidence({"push_up.floor" => 12, "push_up.knees" => 12}, People::TODAY - 3))
    expect(found.of("push").reps.value).to eq(Rational("0.49") * Rational(42, 30))
  end

  it "averages what results say exactly with what was believed before, half each time" do
    found = of(results({"push_up.floor" => 10}, 21) + results({"push_up.floor" => 12}, 14) + results({"push_up.floor" => 12}, 7))
    expect(amount(found, "push_up.floor")).to eq(11.5)
    expect(found.of("push").reps.source).to eq("results")
  end

  it "averages the exact results of one day" do
    expect(amount(of(results({"push_up.floor" => 10}, 7) + results({"push_up.floor" => 14}, 7)), "push_up.floor")).to eq(12)
  end

  it "is lowered by a tenth at most by one day, and only then" do
    tested = evidence({"push_up.floor" => 20}, People::TODAY - 30)
    bad = results({"push_up.floor" => 2}, 14)
    expect(of(tested + bad).of("push").reps.value).to eq(of(tested).of("push").reps.value * Rational(9, 10))
  end

  it "is only raised by a bound: a target met, or many left" do
    tested = evidence({"push_up.floor" => 10}, People::TODAY - 30)
    lower, higher = results({"push_up.floor" => 6}, 7, bound: true), results({"push_up.floor" => 14}, 7, bound: true)
    expect([amount(of(tested + lower), "push_up.floor"), amount(of(tested + higher), "push_up.floor")]).to eq([10, 14])
    expect([of(tested + lower).of("push").reps.on, of(tested + higher).of("push").reps.on]).to eq([People::TODAY - 30, People::TODAY - 7])
  end

  it "never predicts less than the targets that were met, and keeps a guess that says more" do
    found = of(results({"push_up.floor" => 14}, 7, bound: true))
    expect([found.of("push").reps.source, amount(found, "push_up.floor")]).to eq(["guess", 14])
    expect(amount(of(results({"push_up.floor" => 11}, 7, bound: true)), "push_up.floor")).to eq(12)
    expect(of(results({"push_up.floor" => 20}, 7, bound: true)).of("push").reps).to have_attributes(source: "results", factor: 1)
  end

  it "gives a guess up for the first result that says it exactly" do
    expect(amount(of(results({"push_up.floor" => 6}, 7)), "push_up.floor")).to eq(6)
  end

  it "keeps the guess for the measure of which nothing is known: a failed hold does not make reps harder" do
    failed = of(results({"push_half_hold.floor" => 5}, 7))
    expect(failed.of("push").time.source).to eq("results")
    expect(amount(failed, "push_up.floor")).to eq(amount(estimates, "push_up.floor"))
  end

  it "does not keep one bad hold for ever" do
    held = of(evidence({"plank.forearm" => 120}, People::TODAY - 77) + results({"plank.forearm" => 20}, 70) + results({"plank.forearm" => 115}, 7, bound: true))
    expect(amount(held, "plank.forearm")).to eq(115)
  end

  it "marks a number beyond fifteen as rough" do
    expect([estimates({"push_up.floor" => 15}), estimates({"push_up.floor" => 16})].map { |found| found.of("push").reps.rough }).to eq([false, true])
  end

  it "says nothing of a pattern without evidence or profile" do
    expect(estimates.of("rotation")).to be_nil
    expect(amount(estimates({"balance_stand.free" => 20}), "balance_stand.free")).to eq(20)
    expect(estimates.all.map(&:pattern)).to include("push", "gait", "jump")
  end

  it "keeps each piece of evidence with what was believed after it" do
    found = of(evidence({"push_up.floor" => 10}, People::TODAY - 30) + results({"push_up.floor" => 20}, 7))
    trail = found.of("push").reps.trail
    expect(trail.map { |point| [point.evidence.amount, point.evidence.source] }).to eq([[10, "measured"], [20, "results"]])
    expect(trail.map(&:after)).to eq([Rational(64, 75), found.of("push").reps.value])
  end

  it "says in words from where something is known, and how old it is" do
    words = ->(days, **rest) { estimates({"push_up.floor" => 10}, on: People::TODAY - days, **rest).of("push").words(People::TODAY) }
    expect([words.call(3), words.call(7), words.call(20)]).to eq(["measured this week", "measured 1 week ago", "measured 2 weeks ago"])
    expect(words.call(7, source: "results")).to eq("from results 1 week ago")
    expect(words.call(100)).to eq("measured 14 weeks ago, so trusted less")
    expect(estimates.of("push").words(People::TODAY)).to eq("a guess from the intermediate level")
  end
end
