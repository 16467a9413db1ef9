# frozen_string_literal: true

# What must hold for anybody in any class, over thousands of random cells.
RSpec.describe "The fit of anybody" do
  let(:random) { Random.new(20_261_124) }
  let(:movements) { %w[push_up squat lunge_back row sit_up plank side_plank high_knees jumping_jack glute_bridge split_squat pike_press squat_thrust] }

  def random_block(rest_s: random.rand(0..60), stations: movements.sample(random.rand(2..5), random: random))
    cells = stations.each_with_index.map { |movement, index| station("s#{index}", movement: movement) }
    intervals(cells, work_s: random.rand(20..50), rest_s: rest_s, rounds: random.rand(1..4))
  end

  # The same stations in any format whose visits are known beforehand.
  def random_format
    cells = movements.sample(random.rand(2..5), random: random).each_with_index.map { |movement, index| station("s#{index}", movement: movement) }
    keys = [{"format" => "rounds", "rounds" => random.rand(1..4)}, {"format" => "amrap", "cap_s" => random.rand(120..600)}, {"format" => "chipper"},
      {"format" => "every_minute", "rounds" => random.rand(1..3), "interval_s" => random.rand(45..90)}].sample(random: random)
    {"id" => "main", "role" => "main", "stations" => cells, **keys}
  end

  def random_person(scale: random.rand(0.2..3.0), limits: [], id: "anybody")
    measured = {"push_up.floor" => (12 * scale).round, "squat.parallel" => (30 * scale).round, "lunge_back.free" => (15 * scale).round,
                "row.long" => (10 * scale).round, "sit_up.crunch" => (25 * scale).round, "plank.forearm" => (50 * scale).round,
                "glute_bridge.two_leg" => (30 * scale).round, "side_plank.knees" => (40 * scale).round}
    person(id, level: "intermediate", measured: measured, limits: limits)
  end

  def assignment(block, somebody)
    Sparrow::Fitting::Assignment.new(Sparrow::Fitting::ClassLayout.new(timeline_of(block)), somebody)
  end

  # How much is given: a variation's demand first, then its number; nothing is less than anything.
  def measure(assigned)
    option = assigned.option
    option ? [option.demand, option.number || Float::INFINITY] : [-1, 0]
  end

  def compare(more, less, what)
    (measure(more) <=> measure(less)).then { |order| expect(order).to be >= 0, "#{what}: #{measure(less)} → #{measure(more)}" }
  end

  it "never gives less to who can do more, all other cells as they are" do
    Thoroughness.of(1000).times do |turn|
      block = turn.even? ? random_block : random_format
      scale = random.rand(0.1..2.0)
      weaker = assignment(block, random_person(scale: scale))
      stronger = assignment(block, random_person(scale: scale * random.rand(1.05..1.6)))
      weaker.course.places.each { |place| compare(stronger.best(place.index), weaker.best(place.index), place.station.movement.id) }
    end
  end

  it "never gives a harder variation because of a limit" do
    Thoroughness.of(1000).times do |turn|
      block = turn.even? ? random_block : random_format
      scale = random.rand(0.2..2.0)
      limits = Array.new(random.rand(1..2)) { limit(Sparrow::People::Limits::KINDS.sample(random: random), severity: %w[avoid gently].sample(random: random)) }
      free = assignment(block, random_person(scale: scale))
      limited = assignment(block, random_person(scale: scale, limits: limits))
      free.course.places.each do |place|
        expect(measure(limited.best(place.index)).first).to be <= measure(free.best(place.index)).first, "#{place.station.movement.id} #{limits.map(&:words)}"
      end
    end
  end

  it "never gives less for more rest" do
    Thoroughness.of(1000).times do
      stations = movements.sample(3, random: random)
      state = random.dup
      short = random_block(rest_s: 10, stations: stations)
      long = short.merge("rest_s" => 10 + random.rand(5..60))
      scale = state.rand(0.2..2.0)
      rested = assignment(long, random_person(scale: scale))
      hurried = assignment(short, random_person(scale: scale))
      rested.course.places.each { |place| compare(rested.best(place.index), hurried.best(place.index), place.station.movement.id) }
    end
  end

  it "never loads what is to be avoided, and never asks for more than the model says is there" do
    Thoroughness.of(600).times do |turn|
      block = turn.even? ? random_block : random_format
      people = Array.new(3) do |index|
        kinds = Sparrow::People::Limits::KINDS.sample(random.rand(0..2), random: random)
        random_person(id: "p#{index}", limits: kinds.map { |kind| limit(kind) })
      end
      sheet = fit(people, block, kit: {"chair" => random.rand(0..3), "step" => random.rand(0..3), "bench" => random.rand(0..3), "mat" => random.rand(0..3), "bar" => 1, "table" => 1})
      people.each { |somebody| sound(sheet, somebody) }
    end
  end

  def sound(sheet, somebody)
    cells = sheet.cells(somebody.id)
    cells.each do |cell|
      next unless cell.option
      somebody.limits.each { |held| expect(Sparrow::People::Limits.asks?(cell.option.variation, held.kind)).to be(false), "#{held.words}: #{cell.option.variation.id}" }
    end
    simulated(sheet, cells, somebody) { |available, asked, variation| expect(asked).to be <= available + 1e-6, "#{variation}: #{asked} of #{available}" }
  end

  # The model once more, told plainly and with nothing shared with the code.
  def simulated(sheet, cells, somebody)
    fatigue = PlainFatigue.new
    profile = somebody.estimates.profile
    now_s = 0
    sets(sheet.course.timeline.blocks.first, somebody.pacing_level).each do |visit, start_s, work_s, part|
      fatigue.rest(start_s - now_s)
      now_s = start_s + work_s
      option = cells.find { |cell| cell.place.station == visit.station }.option
      next fatigue.rest(work_s) unless option
      seconds = (option.unit == "work" && option.number) ? option.number : work_s
      load = Sparrow::Capacity::Load.of(option.prescription, (option.unit == "reps") ? option.number : 0, seconds).first
      amount = load.amount * part
      most = load.by_time ? profile.seconds(load.pattern, load.demand) : profile.moves(load.pattern, load.demand)
      next fatigue.rest(work_s) unless most
      yield fatigue.left(load.pattern) * most, amount.to_f, option.variation.id
      fatigue.work(load.pattern, most.positive? ? amount.to_f / most : 1.0, work_s)
    end
  end

  # A total done in sets, with its short rests between, is met set by set.
  def sets(line, lane)
    line.visits.fetch(lane).flat_map do |visit|
      next [[visit, visit.start_s, visit.work_s, 1]] unless visit.sets
      start_s = visit.start_s
      visit.sets.map do |count|
        seconds = visit.prescription.set_s(count)
        [visit, start_s, seconds, Rational(count, visit.sets.sum)].tap { start_s += seconds + line.block.set_rest_s }
      end
    end
  end
end
