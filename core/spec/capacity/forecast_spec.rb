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
      load = Sparrow::Capacity::Load.of(visit.take, visit.counted, visit.work_s).first
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

  it "finds the worst of each cell among its points" do
    timeline = plan(3)
    forecast = described_class.new(timeline, "intermediate")
    forecast.points.group_by { |point| point.take.pointer }.each_value do |points|
      expect(forecast.worst[points.first.take].reserve).to be_within(1e-9).of(points.map(&:reserve).min)
    end
  end

  it "leaves less the more another cell asks" do
    timeline = plan(5)
    forecast = described_class.new(timeline, "advanced")
    take = forecast.points.map(&:take).find { |candidate| candidate.reps }
    more = forecast.points(take => take.reps_counted * 2)
    expect(more.map(&:available).zip(forecast.points.map(&:available))).to all(satisfy { |now, before| now <= before + 1e-9 })
  end
end
