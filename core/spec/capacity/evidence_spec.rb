# frozen_string_literal: true

RSpec.describe Sparrow::Capacity::Evidence do
  let(:on) { Date.new(2026, 11, 24) }
  let(:done) { Struct.new(:reps, :seconds, :least, :reps_left, :freshness) }

  def variation(id)
    Sparrow::Catalogue.house.variation(id)
  end

  def told(id, *done_as)
    found = described_class.of_result(variation(id), done.new(*done_as), on: on)
    found && [found.yields, found.amount, found.bound ? "at least" : "exactly"]
  end

  it "takes few left, and a target that was not met, exactly" do
    expect([told("push_up.floor", 8, nil, 8, 3), told("push_up.floor", 6, nil, 8, nil)]).to eq([["reps", 11, "exactly"], ["reps", 6, "exactly"]])
  end

  it "takes a target that was met, and four left or more, as the least that is there" do
    expect([told("push_up.floor", 8, nil, 8, nil), told("push_up.floor", 8, nil, 8, 5)]).to eq([["reps", 8, "at least"], ["reps", 13, "at least"]])
  end

  it "counts a side where sides alternate, to the half" do
    expect([told("lunge_back.free", 10, nil, 10, 2), told("lunge_back.free", 11, nil, 10, 2)].map { |told| told[1] }).to eq([7, Rational(15, 2)])
  end

  it "takes a hold that was given up exactly, and one that was held to its end as the least" do
    expect([told("plank.forearm", nil, 20, 30, nil), told("plank.forearm", nil, 30, 30, nil)]).to eq([["hold", 20, "exactly"], ["hold", 30, "at least"]])
  end

  it "turns a late set back to what is there fresh" do
    expect(told("push_up.floor", 8, nil, 8, 1, 0.75)).to eq(["reps", 12, "exactly"])
  end

  it "says of a jump without impact what it is: steps" do
    expect(described_class.of_result(variation("jumping_jack.step"), done.new(nil, 40, 40), on: on).pattern).to eq("gait")
  end

  it "compares by strength, and by seconds at a demand of 1" do
    expect([described_class.of_result(variation("push_up.floor"), done.new(10), on: on).value, described_class.of_result(variation("plank.forearm"), done.new(nil, 50), on: on).value]).to eq([Rational(64, 75), 18])
  end

  it "takes a test for what it stands for: reps, or seconds where a rate was counted" do
    tests = Sparrow::Capacity::Benchmarks.all.map { |test| described_class.of_test(test.id, variation(test.variations.last), 100, on: on) }
    expect(tests.map(&:yields).uniq).to match_array(%w[reps hold])
    expect(tests.map(&:amount)).to all(be_positive)
    expect(tests.map(&:source).uniq).to eq(%w[measured])
  end

  it "knows nothing of a version or a test that is there no more" do
    expect([described_class.of_result(nil, done.new(5), on: on), described_class.of_test("gone", variation("push_up.floor"), 5, on: on), described_class.of_test("push", nil, 5, on: on)]).to eq([nil, nil, nil])
  end
end
