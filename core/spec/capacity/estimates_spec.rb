# frozen_string_literal: true

RSpec.describe Sparrow::Capacity::Estimates do
  def estimates(measured = {}, on: People::TODAY - 7, pacing_level: "intermediate", levels: {}, source: "measured")
    described_class.new(levels: levels, pacing_level: pacing_level, evidence: evidence(measured, on, source: source), today: People::TODAY)
  end

  it "turns ten clean floor push-ups into S = 0.8533…, and predicts ten again" do
    found = estimates({"push_up.floor" => 10})
    expect(found.of("push").strength).to eq(Rational(64, 75))
    profile = found.profile
    amounts = Sparrow::Capacity::Prediction.of("push", profile, Sparrow::Catalogue.house).find { |ladder| ladder["movement"] == "push_up" }["variations"].to_h { |variation| variation.values_at("id", "amount") }
    expect(amounts).to include("push_up.floor" => 10.0, "push_up.hands_60" => 32.4, "push_up.knees" => 22.2, "push_up.hands_30" => 16.5, "push_up.feet_30" => 6.5)
  end

  it "takes measured evidence whole, stale at nine tenths after twelve weeks, a guess at 0.85" do
    expect(estimates({"push_up.floor" => 10}, on: People::TODAY - 84).of("push")).to have_attributes(factor: 1, stale: false)
    expect(estimates({"push_up.floor" => 10}, on: People::TODAY - 85).of("push")).to have_attributes(factor: 0.9, stale: true)
    expect(estimates.of("push")).to have_attributes(factor: 0.85, source: "guess", level: "intermediate")
  end

  it "guesses from the level chosen for the pattern, else from the one they follow" do
    found = estimates(levels: {"push" => "advanced"}, pacing_level: "beginner")
    expect([found.of("push").level, found.of("squat").level]).to eq(%w[advanced beginner])
  end

  it "takes the latest, and of one day the lower" do
    both = evidence({"push_up.floor" => 30}, People::TODAY - 60) + evidence({"push_up.floor" => 12, "push_up.knees" => 12}, People::TODAY - 3)
    found = described_class.new(levels: {}, pacing_level: "beginner", evidence: both, today: People::TODAY).of("push")
    expect(found.strength).to eq(Rational("0.49") * Rational(42, 30))
  end

  it "weighs results towards the recent" do
    older = evidence({"push_up.floor" => 6}, People::TODAY - 14, source: "results")
    newer = evidence({"push_up.floor" => 12}, People::TODAY - 7, source: "results")
    found = described_class.new(levels: {}, pacing_level: "beginner", evidence: older + newer, today: People::TODAY).of("push")
    expect(found.source).to eq("results")
    expect(found.strength).to be_between(Rational("0.64") * Rational(39, 30), Rational("0.64") * Rational(42, 30))
  end

  it "marks a number beyond fifteen as rough" do
    expect([estimates({"push_up.floor" => 15}), estimates({"push_up.floor" => 16})].map { |found| found.of("push").rough }).to eq([false, true])
  end

  it "takes a hold from the highest level that is not stronger, where only reps are known" do
    expect(estimates({"push_up.floor" => 12}).of("push").hold.seconds).to eq(25)
    expect(estimates({"push_up.wall" => 3}).of("push").hold.seconds).to be < 10
  end

  it "says nothing of a pattern without evidence or profile" do
    expect(estimates.of("rotation")).to be_nil
    expect(estimates({"balance_stand.free" => 20}).of("balance_skill").hold.seconds).to eq(20)
    expect(estimates.all.map(&:pattern)).to include("push", "gait", "jump")
  end

  it "has nine tenths of it for somebody tired" do
    found = estimates({"push_up.floor" => 10})
    expect(found.profile(state: "tired").strengths["push"]).to be_within(1e-9).of(found.profile.strengths["push"] * 0.9)
  end

  it "says in words from where something is known, and how old it is" do
    words = ->(days, **rest) { estimates({"push_up.floor" => 10}, on: People::TODAY - days, **rest).of("push").words(People::TODAY) }
    expect([words.call(3), words.call(7), words.call(20)]).to eq(["measured this week", "measured 1 week ago", "measured 2 weeks ago"])
    expect(words.call(7, source: "results")).to eq("from results 1 week ago")
    expect(words.call(100)).to eq("measured 14 weeks ago, so trusted less")
    expect(estimates.of("push").words(People::TODAY)).to eq("a guess from the intermediate level")
  end
end
