# frozen_string_literal: true

RSpec.describe Sparrow::Capacity::FatigueSimulation do
  let(:patterns) { Sparrow::Catalogue::Movement::PATTERNS }

  def load_of(pattern, most, amount, **rest)
    described_class::SetLoad.of(Sparrow::Capacity::Load.new(pattern, 1.0, amount, false), most, described_class.recovery(rest.delete(:seconds) || 0), **rest)
  end

  # Sets of one pattern with so many seconds between them.
  def before_each(most, sets, rest_s, open: false)
    turns = sets.each_index.map { |index| turn(index.zero? ? 0 : rest_s) }
    described_class.left(turns, sets.map { |amount| [load_of("push", most, amount, open: open)] }, place("push")).map { |left| left.round(1) }
  end

  def turn(wait_s, work_s = 0)
    described_class::Turn.of(described_class.recovery(wait_s), described_class.recovery(work_s))
  end

  def place(pattern)
    described_class::PATTERNS.fetch(pattern)
  end

  describe "worked examples" do
    it "leaves 20.0, 17.3, 15.6, 14.2 and 13.0 of twenty, in sets of ten with a minute between" do
      expect(before_each(20.0, [10] * 5, 60)).to eq([20.0, 17.3, 15.6, 14.2, 13.0])
    end

    it "leaves 10, 6.2, 5.7 and 5.2 where all that is there is done with a minute between" do
      expect(before_each(10.0, [10] * 4, 60, open: true)).to eq([10.0, 6.2, 5.7, 5.2])
    end

    it "leaves 10, 8.1, 7.4 and 7.1 where all that is there is done with three minutes between" do
      # 8.046 in exact terms: to within a tenth.
      expect(before_each(10.0, [10] * 4, 180, open: true)).to match([10.0, 8.1, 7.4, 7.1].map { |left| be_within(0.1001).of(left) })
    end

    it "lets half of one's most be repeated eight times with a minute between, and no more" do
      halves = before_each(20.0, [10] * 9, 60)
      expect(halves.first(8)).to all(be >= 10)
      expect(halves.last).to be < 10
    end

    it "lets seven tenths of one's most be repeated twice, and nearly a third time" do
      expect(before_each(20.0, [14] * 3, 60)).to eq([20.0, 15.5, 12.6])
    end
  end

  it "shares a set with related patterns, the same both ways, and a little with any other" do
    patterns.product(patterns) { |one, other| expect(described_class.share(one, other)).to eq(described_class.share(other, one)) }
    shares = {%w[squat squat] => 1, %w[squat lunge] => 0.6, %w[hinge squat] => 0.4, %w[lunge hinge] => 0.4, %w[squat jump] => 0.5, %w[lunge jump] => 0.5, %w[gait jump] => 0.3,
              %w[gait squat] => 0.3, %w[lunge gait] => 0.3, %w[push trunk_bracing] => 0.3, %w[trunk_flexion trunk_bracing] => 0.5, %w[rotation trunk_bracing] => 0.4,
              %w[lateral_trunk trunk_bracing] => 0.4, %w[push squat] => 0.05, %w[stretch pull] => 0.05}
    shares.each { |(one, other), share| expect(described_class.share(one, other)).to eq(share), "#{one} #{other}" }
  end

  it "leaves of a related pattern what its share of the set leaves" do
    turns = [turn(0), turn(0)]
    left = %w[lunge hinge jump gait push].map do |pattern|
      described_class.left(turns, [[load_of("squat", 20.0, 10)], [load_of(pattern, 1.0, 0.1)]], place(pattern)).last
    end
    effort = 0.5**1.5
    expect(left).to match([0.6, 0.4, 0.5, 0.3, 0.05].map { |share| be_within(1e-9).of(1 - share * effort) })
  end

  it "counts no set as more than all that is there fresh" do
    expect(before_each(10.0, [30] * 3, 0)).to eq([10.0, 0.0, -10.0])
    expect(before_each(10.0, [30, 1], 180)).to eq(before_each(10.0, [10, 1], 180))
  end

  it "lets a pattern recover during anything but itself" do
    first = load_of("push", 20.0, 10)
    itself = load_of("push", 20.0, 0, seconds: 60)
    another = load_of("pull", nil, 10, seconds: 60)
    last = load_of("push", 20.0, 5)
    turns = [turn(0), turn(0, 60), turn(0)]
    after = ->(middle) { described_class.left(turns, [[first], middle, [last]], place("push")).last }
    effort = 0.5**1.5
    expect(after.call([itself])).to be_within(1e-9).of(20 * (1 - effort))
    recovered = 20 * (1 - effort * (0.7 * Math.exp(-60 / 35.0) + 0.3 * Math.exp(-60 / 400.0)))
    expect(after.call([another])).to be_within(1e-9).of(recovered)
    expect(after.call(nil)).to be_within(1e-9).of(recovered)
  end

  it "says nothing of a set of which nothing is known, and tires nothing by it" do
    loads = [[load_of("push", nil, 10)], [load_of("push", 20.0, 5)]]
    expect(described_class.left([turn(0), turn(0)], loads, place("push"))).to eq([20.0])
  end

  it "answers only for the turns that are watched" do
    loads = Array.new(3) { [load_of("push", 20.0, 10)] }
    turns = [turn(0), turn(60), turn(60)]
    expect(described_class.left(turns, loads, place("push"), watched: [false, false, true]).map { |left| left.round(1) }).to eq([15.6])
  end

  it "is asked of a version by the pattern that it tires" do
    kinds = %w[jumping_jack.step jumping_jack.half squat.jump push_up.floor].map { |id| Sparrow::Capacity::Load.kind(Sparrow::Catalogue.house.variation(id)) }
    expect(kinds).to eq(%w[gait jump squat push])
  end

  describe "what a set must leave" do
    it "is so many moves, or of what is measured by time a part of what is asked" do
      expect(Sparrow::Capacity::Forecast.least(2, 10, false)).to eq(2)
      expect(Sparrow::Capacity::Forecast.least(2, 40, true)).to eq(6)
      expect(Sparrow::Capacity::Forecast.least(0, 40, true)).to eq(0)
    end

    it "holds for a hold in the levels' own forecast" do
      plank = station("p", movement: "plank", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "plank.forearm", "hold_s" => 60}] })
      timeline = timeline_of(intervals([plank], work_s: 60, rest_s: 0, rounds: 4))
      lanes = Sparrow::Capacity::Lanes.new(timeline)
      prescription = timeline.workout.blocks.first.stations.first.at("intermediate")
      highest = lanes.highest(prescription, reserve: 2, below: 60)
      expect(highest).to be_between(1, 52)
      expect(lowest_share_left(highest)).to be >= 0.15
      expect(lowest_share_left(60)).to be < 0.15
    end

    def lowest_share_left(seconds)
      plank = station("p", movement: "plank", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "plank.forearm", "hold_s" => seconds}] })
      timeline = timeline_of(intervals([plank], work_s: 60, rest_s: 0, rounds: 4))
      Sparrow::Capacity::Forecast.new(timeline, "intermediate").points.map { |point| point.reserve / point.asked }.min
    end
  end
end
