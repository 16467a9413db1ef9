# frozen_string_literal: true

# What must hold for anybody in any class, over thousands of random cells.
RSpec.describe "The fit of anybody" do
  let(:random) { Random.new(20_261_124) }
  let(:movements) { %w[push_up squat lunge_back row sit_up plank side_plank high_knees jumping_jack glute_bridge split_squat pike_press squat_thrust] }

  def random_block(rest_s: random.rand(0..60), stations: movements.sample(random.rand(2..5), random: random))
    cells = stations.each_with_index.map { |movement, index| station("s#{index}", movement: movement, alternatives: alternatives) }
    intervals(cells, work_s: random.rand(20..50), rest_s: rest_s, rounds: random.rand(1..4))
  end

  # Of any ladder, for a joint or two, or for none.
  def alternatives
    joints = Sparrow::Catalogue::Variation::JOINTS.sample(random.rand(0..2), random: random)
    joints.map { |joint| {"for" => joint, "variation" => Sparrow::Catalogue.house.flat_map(&:ladder).reject { |one| one.joints.include?(joint) }.sample(random: random).id} }
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

  # How much is given: a version's demand first, then its number; nothing is less than anything. Versions of
  # different patterns are not compared: a demand says nothing across them.
  def measure(assigned)
    option = assigned.option
    option ? [option.demand, option.number || Float::INFINITY] : [-1, 0]
  end

  def compare(more, less, what)
    return if more.option && less.option && more.option.pattern != less.option.pattern
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

  # Versions of one pattern alone.
  def never_harder(limited, free, limits)
    free.course.places.each do |place|
      less, more = limited.best(place.index), free.best(place.index)
      next if less.option && more.option && less.option.pattern != more.option.pattern
      expect(measure(less).first).to be <= measure(more).first, "#{place.station.movement.id} #{limits.map(&:words)}: #{more.option&.variation&.id} → #{less.option&.variation&.id}"
    end
  end

  it "never gives a harder variation because of a limit" do
    Thoroughness.of(1000).times do |turn|
      block = turn.even? ? random_block : random_format
      scale = random.rand(0.2..2.0)
      limits = Array.new(random.rand(1..2)) { limit(Sparrow::People::Limits::KINDS.sample(random: random), severity: %w[avoid gently].sample(random: random)) }
      free = assignment(block, random_person(scale: scale))
      limited = assignment(block, random_person(scale: scale, limits: limits))
      never_harder(limited, free, limits)
    end
  end

  it "never gives a harder version because of one limit more" do
    Thoroughness.of(600).times do |turn|
      block = turn.even? ? random_block : random_format
      scale = random.rand(0.2..2.0)
      kinds = Sparrow::People::Limits::KINDS.sample(random.rand(2..3), random: random)
      limits = kinds.map { |kind| limit(kind) }
      one_less = assignment(block, random_person(scale: scale, limits: limits.drop(1)))
      all = assignment(block, random_person(scale: scale, limits: limits))
      never_harder(all, one_less, limits)
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

  # A room of people with limits, presets, sore joints and locks, in any format, with kit that is scarce.
  def random_room
    kinds = Array.new(4) { Sparrow::People::Limits::KINDS.sample(random.rand(0..2), random: random) }
    kinds.sample(3, random: random).each_with_index.map do |own, index|
      random_person(id: "p#{index}", limits: own.map { |kind| limit(kind) }).with(sore: (random.rand < 0.2) ? Sparrow::People::Limits::JOINTS.sample(1, random: random) : [],
        state: (random.rand < 0.2) ? "tired" : "fresh", newcomer: random.rand < 0.1)
    end
  end

  def random_kit
    %w[chair step bench mat bottle band].to_h { |piece| [piece, random.rand(0..3)] }.merge("bar" => 1, "table" => 1)
  end

  def partners(cells)
    {"id" => "main", "role" => "main", "format" => "partner", "rounds" => random.rand(1..3), "stations" => cells, **[{"change" => "set"}, {"change" => "clock", "work_s" => random.rand(20..50)}].sample(random: random)}
  end

  # Formats of which this reference knows no sets of its own, beside those that it does.
  def any_block
    return [random_block, random_format].sample(random: random) if random.rand < 0.6
    cells = movements.sample(random.rand(2..4), random: random).each_with_index.map { |movement, index| station("s#{index}", movement: movement) }
    counted = cells.select { |one| Sparrow::Catalogue.house.movement(one["movement"]).ladder.all?(&:counted?) }
    counted = [station("s0", movement: "squat")] if counted.empty?
    open = ->(one, **keys) { one.merge("levels" => one["levels"].transform_values { |level| level.except("reps", "hold_s").merge(keys.fetch(:each, {})) }).merge(keys.fetch(:beside, {})) }
    [intervals(cells, rounds: 3, escalate: true, work_s: random.rand(20..50), rest_s: 20), intervals(cells, rounds: 2, work_s: 40, rest_s: 20, flow: "rotate"), partners(cells),
      {"id" => "main", "role" => "main", "format" => "quota", "stations" => counted.map { |one| open.call(one, each: {"quota" => {"min" => 20, "max" => 40}}) }},
      {"id" => "main", "role" => "main", "format" => "ladder", "rounds" => 3, "stations" => counted.map { |one| open.call(one, beside: {"ladder" => {"total" => 36, "shape" => "descending"}}) }}].sample(random: random)
  end

  it "never loads what is to be spared, nor asks for more than is there or than there is time for, in any format" do
    Thoroughness.of(2000).times do
      block = any_block
      people = random_room
      locked = block["stations"].first.then { |one| [block["id"], one["id"]] }
      choice = Sparrow::Fitting::Participant::Choice.new(variation: Sparrow::Catalogue.house.movement(block["stations"].first["movement"]).ladder.first.id, locked: true)
      people[0] = people[0].with(choices: {locked => choice})
      kit = random_kit
      sheet = fit(people, block, kit: kit)
      people.each { |somebody| sound(sheet, somebody) }
      stands(sheet.cells(people.first.id).first, people.first, choice)
      within(sheet, kit) unless block["flow"] == "rotate"
    end
  end

  def sound(sheet, somebody)
    cells = sheet.cells(somebody.id).flat_map { |cell| [cell, *cell.earlier] }
    cells.each do |cell|
      option = cell.option or next
      somebody.limits_today.each { |held| expect(held.rules_out?(option.variation)).to be(false), "#{held.words}: #{option.variation.id}" }
      expect(option.number || 0).to be <= (option.most || Float::INFINITY), "#{option.variation.id} #{option.number} of #{option.most}" unless cell.assigned.kind == "locked"
      expect(option.number % option.step).to eq(0), "#{option.variation.id} #{option.number}" if option.unit == "reps" && cell.assigned.kind != "locked"
      expect(cell.reason.length).to be <= 120
      cell.outlooks.each { |look| expect(look.left).to be >= -1e-6, option.variation.id unless look.open } unless cell.assigned.kind == "locked"
    end
    line = sheet.course.timeline.blocks.first
    return if line.groups || line.block.escalate || %w[quota ladder partner].include?(line.block.format.id)
    simulated(sheet, cells, somebody) { |available, asked, variation| expect(asked).to be <= available + 1e-6, "#{variation}: #{asked} of #{available}" } unless cells.any? { |cell| cell.assigned.kind == "locked" }
  end

  # What is locked stands, but never through a limit.
  def stands(cell, somebody, choice)
    variation = Sparrow::Catalogue.house.variation(choice.variation)
    return if somebody.limits_today.any? { |held| held.rules_out?(variation) } || cell.earlier.any?
    expect([cell.assigned.kind, cell.option.variation]).to eq(["locked", variation])
  end

  # No piece is given twice but where it is locked, and who is left without had no way that needs none.
  def within(sheet, kit)
    sheet.course.places.each do |place|
      given = sheet.assignments.map { |one| [one, one.assigned[place.index]] }.select { |one, _| one.forecast.meets?(place.index) }
      given = given.each_slice(2).map(&:first) if place.block.format.id == "partner" && place.block.own["change"] != "set"
      needed = given.flat_map { |_, held| (held.option && held.kind != "locked") ? held.option.equipment : [] }.tally
      needed.except(*Sparrow::Plan::Kit::SHARED).each { |piece, count| expect(count).to be <= kit.fetch(piece, count), "#{piece} at #{place.station.movement.id}" }
      given.select { |_, held| held.kind == "sit_out" && held.why }.each { |one, _| expect(one.best(place.index).option&.equipment).not_to eq([]), place.station.movement.id }
    end
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
