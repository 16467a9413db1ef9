# frozen_string_literal: true

RSpec.describe Sparrow::Capacity::Evidence do
  let(:on) { Date.new(2026, 11, 24) }
  let(:done) { Struct.new(:reps, :seconds, :least, :reps_left) }

  def variation(id)
    Sparrow::Catalogue.house.variation(id)
  end

  def told(id, *done_as)
    found = described_class.of_result(variation(id), done.new(*done_as), on: on)
    found && [found.yields, found.amount]
  end

  it "takes reps with how many were left, and a target that was not met" do
    expect([told("push_up.floor", 8, nil, 8, 3), told("push_up.floor", 6, nil, 8, nil)]).to eq([["reps", 11], ["reps", 6]])
  end

  it "learns nothing from a target that was met with nothing noted" do
    expect(told("push_up.floor", 8, nil, 8, nil)).to be_nil
  end

  it "counts a side where sides alternate" do
    expect(told("lunge_back.free", 10, nil, 10, 2)).to eq(["reps", 7])
  end

  it "takes a hold that was given up, and not one that was held to its end" do
    expect([told("plank.forearm", nil, 20, 30, nil), told("plank.forearm", nil, 30, 30, nil)]).to eq([["hold", 20], nil])
  end

  it "takes a test for what it stands for: reps, or seconds where a rate was counted" do
    tests = Sparrow::Capacity::Benchmarks.all.map { |test| described_class.of_test(test.id, variation(test.variations.first), 20, on: on) }
    expect(tests.map(&:yields).uniq).to match_array(%w[reps hold])
    expect(tests.map(&:amount)).to all(be_positive)
    expect(tests.map(&:source).uniq).to eq(%w[measured])
  end

  it "knows nothing of a version or a test that is there no more" do
    expect([described_class.of_result(nil, done.new(5), on: on), described_class.of_test("gone", variation("push_up.floor"), 5, on: on), described_class.of_test("push", nil, 5, on: on)]).to eq([nil, nil, nil])
  end
end
