# frozen_string_literal: true

RSpec.describe Sparrow::Running::Reached do
  def event(kind, at_s, **keys)
    Sparrow::Running::Event.new(id: SecureRandom.uuid, kind: kind, at_ms: at_s * 1000, **keys)
  end

  # Two stations of 40 s with 20 s between, three rounds; then a finisher of 60 s.
  let(:timeline) { timeline_of(intervals(2, rounds: 3), intervals([station("f", movement: "squat")], id: "end", work_s: 60)) }

  def reached(*events, at_s: 10_000, of: timeline)
    described_class.new(of, Sparrow::Running::Clock.new([event("started", 0), *events]), now_ms: at_s * 1000)
  end

  def rounds(reached)
    [%w[main s1], %w[main s2], %w[end f]].map { |block, station| reached.round(block, station, "beginner") }
  end

  it "is all of the plan where the clock went through it" do
    expect(rounds(reached)).to eq([3, 3, 1])
  end

  it "ends where the class ended, a set cut beyond its half included" do
    expect(rounds(reached(event("ended", 145)))).to eq([2, 1, nil])
    expect(rounds(reached(event("ended", 135)))).to eq([1, 1, nil])
  end

  it "leaves out what was skipped" do
    expect(rounds(reached(event("moved", 5, at_s: 340.0)))).to eq([nil, nil, 1])
  end

  it "has a plan with what was reached alone" do
    left = reached(event("ended", 145)).timeline
    expect(left.blocks.map { |line| line.visits["beginner"].map { |visit| [visit.station.id, visit.round] } }).to eq([[["s1", 1], ["s2", 1], ["s1", 2]], []])
    expect(left.total_s).to eq(timeline.total_s)
  end

  it "does not count a pause, nor time that was put in" do
    expect(rounds(reached(event("paused", 10), event("ended", 500)))).to eq([nil, nil, nil])
    expect(rounds(reached(event("extended", 50, at_s: 50.0, add_s: 100), event("ended", 190)))).to eq([1, 1, nil])
  end

  it "counts nothing of somebody who came after all of it, and nothing of a round that their level has not" do
    nobody = described_class.new(timeline, Sparrow::Running::Clock.new([event("started", 0), event("ended", 100)]), now_ms: 10_000_000, between: 150..200)
    expect([rounds(nobody), nobody.seconds]).to eq([[nil, nil, nil], 0])
    turning = timeline_of(intervals(2, rounds: 2, flow: "rotate", rounds_by_level: {"beginner" => 1}))
    expect(%w[beginner advanced].map { |level| reached(of: turning).round("main", "s1", level) }).to eq([1, 2])
  end

  it "follows each level's own rounds" do
    stepped = timeline_of(intervals(1, rounds: 3, rounds_by_level: {"beginner" => 1}))
    found = reached(of: stepped)
    expect(Sparrow::Level::ALL.map { |level| found.round("main", "s1", level) }).to eq([1, 3, 3])
  end

  it "is what passed while somebody was there, who came late or left" do
    there = described_class.new(timeline, Sparrow::Running::Clock.new([event("started", 0)]), now_ms: 10_000_000, between: 130..250)
    expect(rounds(there)).to eq([2, 2, nil])
  end

  it "counts a station as reached where any group of a rotation stood at it" do
    rotating = timeline_of(intervals([station("a", movement: "squat"), station("b", movement: "push_up")], flow: "rotate", rounds: 1))
    found = reached(event("ended", 35), of: rotating)
    expect(%w[a b].map { |id| found.round("main", id, "beginner") }).to eq([1, 1])
  end

  it "is for somebody in a group what that group stood at" do
    rotating = timeline_of(intervals(%w[squat push_up plank].each_with_index.map { |movement, index| station("abc"[index], movement: movement) }, flow: "rotate", rounds: 1))
    clock = Sparrow::Running::Clock.new([event("started", 0), event("ended", 95)])
    by_turn = (0..3).map { |order| described_class.new(rotating, clock, now_ms: 10_000_000, order: order) }
    expect(by_turn.map { |found| %w[a b c].select { |id| found.round("main", id, "beginner") } }).to eq([%w[a b], %w[b c], %w[a c], %w[a b]])
  end
end
