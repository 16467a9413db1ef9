# frozen_string_literal: true

# A level's forecast against the model told plainly, a set at a time.
RSpec.describe Sparrow::Capacity::Forecast do
  def by_the_model(timeline, lane)
    profile = Sparrow::Capacity::Profile.of_level(lane)
    fatigue = PlainFatigue.new
    now_s = 0
    timeline.blocks.flat_map { |line| line.visits.fetch(lane, []) }.filter_map do |visit|
      fatigue.rest(visit.start_s - now_s)
      now_s = visit.start_s + visit.work_s
      load = Sparrow::Capacity::Load.of(visit.prescription, visit.counted, visit.work_s).first
      most = load.by_time ? profile.seconds(load.pattern, load.demand) : profile.moves(load.pattern, load.demand)
      available = most && fatigue.left(load.pattern) * most
      fatigue.work(load.pattern, share(load.amount, most), visit.work_s)
      available
    end
  end

  # Of the fresh maximum: nothing is known of it, or nothing is there, or so much.
  def share(amount, most)
    return 0.0 if most.nil?
    most.positive? ? amount / most : 1.0
  end

  def plan(seed)
    random = Random.new(seed)
    stations = %w[squat push_up plank row lunge_back sit_up jumping_jack side_plank chest_stretch].sample(4, random: random).map.with_index do |movement, index|
      opening = Sparrow::Catalogue.house.movement(movement).opening_prescriptions
      station("s#{index}", movement: movement, levels: opening.transform_values { |given| given["reps"] ? {"reps" => random.rand(2..20)} : {} })
    end
    timeline_of(intervals(stations, rounds: random.rand(1..4), work_s: random.rand(20..60), rest_s: random.rand(0..60), round_rest_s: random.rand(0..90)))
  end

  it "leaves at each set what the model leaves" do
    25.times do |seed|
      timeline = plan(seed)
      Sparrow::Level::ALL.each do |lane|
        walked = described_class.new(timeline, lane).points.map(&:available)
        modelled = by_the_model(timeline, lane)
        expect(walked.size).to eq(modelled.size)
        walked.zip(modelled).each { |one, other| expect(one).to be_within(1e-9).of(other) }
      end
    end
  end

  it "shows nothing, and not less than nothing, where somebody is tired beyond doing any" do
    levels = Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "push_up.floor", "reps" => 30}] }
    timeline = timeline_of(intervals([station("s", movement: "push_up", levels: levels)], rounds: 3, work_s: 40, rest_s: 0))
    expect(described_class.new(timeline, "beginner").points.map(&:available).last(2)).to eq([0.0, 0.0])
  end

  it "finds the worst of each cell among its points" do
    timeline = plan(3)
    forecast = described_class.new(timeline, "intermediate")
    forecast.points.group_by { |point| point.prescription.pointer }.each_value do |points|
      expect(forecast.worst[points.first.prescription].reserve).to be_within(1e-9).of(points.map(&:reserve).min)
    end
  end

  # Three movements and one of them again, with numbers, holds or as many as one can, and a rep of two parts.
  def mixed_document(seed)
    random = Random.new(seed)
    movements = %w[squat push_up row lunge_back sit_up plank].sample(3, random: random)
    stations = [*movements, movements.first].map.with_index { |movement, index| station("s#{index}", movement: movement, levels: asked_of(movement, random)) }
    parts = [{"movement" => "squat", "reps" => 2}, {"movement" => "push_up", "reps" => 1}]
    stations << {"id" => "parts", "counting" => "compound", "parts" => parts, "levels" => asked_of(nil, random)}
    workout_document(intervals(stations, rounds: random.rand(1..4), work_s: random.rand(30..60), rest_s: random.rand(0..60)))
  end

  def asked_of(movement, random)
    number = random.rand(1..19)
    given = (movement == "plank") ? {"hold_s" => number} : {"reps" => (number if movement.nil? || random.rand > 0.25)}
    Sparrow::Level::ALL.to_h { |level| [level, given] }
  end

  # Whether the cell leaves the reserve in a document that asks it for this number.
  def leaves?(document, cell, number, reserve)
    changed = Sparrow::Pointer.put(document, [["#{cell.pointer}/#{cell.hold ? "hold_s" : "reps"}", number]])
    points = described_class.new(Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(changed)), cell.level).points
    points.select { |point| point.prescription.pointer == cell.pointer }.all? { |point| point.keeps?(reserve) }
  end

  it "finds the highest number with which a class leaves the reserve, and the next one does not" do
    looked_at = 25.times.sum do |seed|
      document = mixed_document(seed)
      workout = Sparrow::Plan.read(document)
      forecast = described_class.new(Sparrow::Plan::Timeline.compile(workout), "intermediate")
      workout.each_station.map { |_, station| station.at("intermediate") }.select { |cell| cell.reps || cell.hold }.each do |cell|
        found = forecast.highest(cell, reserve: 2, below: 20)
        expect(leaves?(document, cell, found, 2)).to be(true), "seed #{seed}: #{found} at #{cell.pointer}" if found.positive?
        expect(leaves?(document, cell, found + 1, 2)).to be(false), "seed #{seed}: #{found + 1} at #{cell.pointer}" if found < 19
      end.size
    end
    expect(looked_at).to be > 80
  end

  it "leaves less to a cell the more another asks" do
    timeline = plan(5)
    forecast = described_class.new(timeline, "advanced")
    one, other = forecast.points.map(&:prescription).select(&:reps).uniq(&:pointer)
    highest = [1, 10, 30].map { |number| forecast.highest(one, reserve: 0, below: 60, amounts: {}.compare_by_identity.merge!(other => number)) }
    expect(highest).to eq(highest.sort.reverse)
  end
end
