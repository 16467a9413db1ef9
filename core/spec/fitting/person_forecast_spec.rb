# frozen_string_literal: true

# A person who is as the level's profile is has just the level's forecast.
RSpec.describe Sparrow::Fitting::PersonForecast do
  def forecast(timeline, lane, profile: Sparrow::Capacity::Profile.of_level(lane))
    course = Sparrow::Fitting::ClassLayout.new(timeline)
    person = described_class.new(course, course.visits(lane, 0), profile)
    course.places.each { |place| person.give(place.index, standard(course, place, lane)) }
    [person, course]
  end

  def standard(course, place, lane)
    course.standard(place.index, lane)
  end

  def same_as_the_forecast(timeline, lane)
    person, course = forecast(timeline, lane)
    points = Sparrow::Capacity::Forecast.new(timeline, lane).points.group_by { |point| [point.block.id, point.station.id] }
    course.places.each do |place|
      expected = points.fetch([place.block.id, place.station.id], [])
      outlooks = person.outlooks(place.index, standard(course, place, lane))
      expect(outlooks.map(&:round)).to eq(expected.map(&:round))
      outlooks.zip(expected) do |outlook, point|
        expect(outlook.available).to be_within(1e-9).of(point.available)
        expect(outlook.asked).to be_within(1e-9).of(point.asked)
      end
    end
  end

  Sparrow::Level::ALL.each do |lane|
    it "leaves the #{lane} profile just what the forecast does, in a class of many patterns" do
      stations = %w[push_up squat lunge_back row sit_up plank jumping_jack high_knees glute_bridge].each_with_index.map { |movement, index| station("s#{index}", movement: movement) }
      same_as_the_forecast(timeline_of(intervals(stations, rounds: 3, work_s: 40, rest_s: 15, round_rest_s: 60)), lane)
    end

    it "does so for the #{lane} lane where rounds differ by level and stops are staggered" do
      stations = [station("a", movement: "push_up"), station("b", movement: "squat", levels: {"beginner" => {"work_s" => 20, "reps" => 4}}), station("c", movement: "plank")]
      same_as_the_forecast(timeline_of(intervals(stations, rounds: 3, rounds_by_level: {"beginner" => 1, "intermediate" => 2}, work_s: 45, rest_s: 20)), lane)
    end
  end

  it "does so in a chipper, set by set" do
    chipper = {"id" => "c", "role" => "main", "format" => "chipper", "stations" => [station("a", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel", "reps" => 40}] }), station("b", movement: "sit_up")]}
    timeline = timeline_of(chipper)
    person, course = forecast(timeline, "intermediate")
    points = Sparrow::Capacity::Forecast.new(timeline, "intermediate").points.select { |point| point.station.id == "a" }
    outlooks = person.outlooks(0, standard(course, course.places.first, "intermediate"))
    expect(outlooks.map(&:asked).sum).to be_within(1e-6).of(40)
    expect(outlooks.map(&:available)).to match(points.map { |point| be_within(1e-6).of(point.available) })
  end

  it "recovers while somebody sits out" do
    block = intervals([station("a", movement: "push_up"), station("b", movement: "push_up_narrow")], rounds: 2, work_s: 40, rest_s: 10)
    person, course = forecast(timeline_of(block), "intermediate")
    option = standard(course, course.places.first, "intermediate")
    with = person.outlooks(0, option).last.available
    person.give(1, nil)
    expect(person.outlooks(0, option).last.available).to be > with
  end

  it "knows where a lane never comes, and where the model says nothing" do
    stations = [station("a", movement: "squat"), station("b", movement: "push_up", in_rounds: [2])]
    person, course = forecast(timeline_of(intervals(stations, rounds: 2, rounds_by_level: {"beginner" => 1})), "beginner")
    expect([person.meets?(0), person.meets?(1)]).to eq([true, false])
    expect(person.slack(1, course.standard(1, "beginner"), course.reserve("beginner"))).to eq(Float::INFINITY)
    nothing, chops = forecast(timeline_of(intervals([station("w", movement: "wood_chop")])), "beginner")
    expect(nothing.known?(0, chops.standard(0, "beginner"))).to be(false)
  end

  it "asks of an open set only that something worth doing is left" do
    open = station("s", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel", "reps" => nil}] })
    somebody, course = forecast(timeline_of(intervals([open], rounds: 2, work_s: 40, rest_s: 60)), "advanced")
    option = course.standard(0, "advanced")
    outlook = somebody.outlooks(0, option).first
    expect(outlook.open).to be(true)
    expect(somebody.slack(0, option, course.reserve("advanced"))).to be_within(1e-6).of(somebody.outlooks(0, option).map(&:available).min - 5)
  end
end
