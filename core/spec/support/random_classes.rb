# frozen_string_literal: true

# Classes of any formats, by a +random+ of whoever includes this; built on Documents.
module RandomClasses
  def random_station(index, rotating:)
    stops = Array.new(3) { (random.rand < 0.5) ? nil : by_round(12..70) }
    levels = Sparrow::Level::ALL.zip(stops).to_h { |level, stop| [level, {"work_s" => stop}.compact] }
    movement, sides = [["squat", nil], ["push_up", nil], ["side_plank", "split"], ["side_plank", rotating ? "both" : "each"]].sample(random: random)
    freely station("s#{index}", movement: movement, levels: levels, **{work_s: by_round(12..60), rest_s: [nil, 0, by_round(0..30)].sample(random: random), sides: sides}.compact)
  end

  # One level in ten does another movement, its own parts, or nothing.
  def freely(station)
    level = Sparrow::Level::ALL.sample(random: random)
    given = station["levels"].fetch(level)
    other = [{"variation" => "squat.parallel"}, {"sits_out" => true}, {"parts" => [{"movement" => "high_knees", "reps" => 4}, {"movement" => "mountain_climber", "reps" => 4}], "reps" => 3}].sample(random: random)
    if random.rand < 0.3
      station.merge("levels" => station["levels"].merge(level => given.except("variation", "reps", "hold_s", "counting").merge("variation" => given["variation"]).merge(other).then { |held| held["parts"] ? held.except("variation") : held }))
    else
      station
    end
  end

  # One number, now and then one for each round.
  def by_round(range)
    (random.rand < 0.2) ? Array.new(2) { random.rand(range) } : random.rand(range)
  end

  def random_timed(id)
    rotating = random.rand < 0.35
    stations = Array.new(random.rand(1..4)) { |index| random_station(index, rotating: rotating) }
    keys = {id: id, work_s: by_round(15..60), rest_s: by_round(0..25), rounds: random.rand(1..3), get_ready_s: [0, 10].sample(random: random), switch_s: random.rand(0..3)}
    keys[:flow] = "rotate" if rotating
    keys[:rounds_by_level] = {"beginner" => 1} if !rotating && random.rand < 0.3
    intervals(stations, **keys)
  end

  def random_other(id)
    cells = [freely(station("a", movement: "squat")), freely(station("b", movement: "plank"))]
    [{"format" => "rounds", "rounds" => 2, "gate" => %w[round station free].sample(random: random)}, {"format" => "amrap", "cap_s" => random.rand(40..400)},
      {"format" => "every_minute", "rounds" => 2}, {"format" => "partner", "rounds" => 1, "work_s" => random.rand(15..40)}, {"format" => "chipper"}]
      .sample(random: random).merge("id" => id, "role" => "main", "stations" => cells)
  end

  def random_document
    blocks = Array.new(random.rand(1..4)) { |index| (random.rand < 0.7) ? random_timed("b#{index}") : random_other("b#{index}") }
    blocks.insert(random.rand(0..blocks.size), pause(random.rand(20..90))) if random.rand < 0.3
    workout_document(*blocks)
  end

  def random_class
    Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(random_document))
  end

  # Whatever the catalogue has and a station may say, and a room with some kit in it.
  def odd_document
    blocks = Array.new(random.rand(1..3)) { |index| odd_block("b#{index}", Array.new(random.rand(1..4)) { |at| odd_station("s#{at}") }) }
    workout_document(*blocks, head_count: random.rand(2..40), slot_minutes: random.rand(10..60), conditions: {"kit" => {"chair" => random.rand(0..20), "bar" => random.rand(0..3), "bottle" => random.rand(0..9)}})
  end

  def odd_block(id, stations)
    keys = {"id" => id, "role" => %w[warm_up main main finisher cool_down].sample(random: random), "stations" => stations}
    case %w[intervals intervals rotate rounds amrap chipper every_minute partner].sample(random: random)
    when "intervals" then intervals(stations, **keys.transform_keys(&:to_sym), work_s: by_round(20..50), rest_s: random.rand(0..20), rounds: random.rand(1..3), escalate: random.rand < 0.2)
    when "rotate" then intervals(stations, **keys.transform_keys(&:to_sym), flow: "rotate", work_s: 40, rest_s: 15, rounds: random.rand(1..2))
    when "rounds" then keys.merge("format" => "rounds", "rounds" => random.rand(1..3), "gate" => %w[round station].sample(random: random))
    when "amrap" then keys.merge("format" => "amrap", "cap_s" => random.rand(120..600))
    when "chipper" then keys.merge("format" => "chipper")
    when "every_minute" then keys.merge("format" => "every_minute", "rounds" => random.rand(1..3))
    else keys.merge("format" => "partner", "rounds" => 1, "work_s" => random.rand(20..40))
    end
  end

  def odd_station(id)
    movement = Sparrow::Catalogue.house.select { |held| held.role == "main" }.sample(random: random)
    held = station(id, movement: movement.id, **{optional: (true if random.rand < 0.15), note: ("Slowly" if random.rand < 0.1)}.compact)
    return compound(id) if random.rand < 0.15
    spared = movement.ladder.first.joints
    other = Sparrow::Catalogue.house.select { |one| one.role == "main" }.flat_map(&:ladder).find { |variation| (variation.joints & spared).empty? }
    held = held.merge("alternatives" => [{"for" => spared.first, "variation" => other.id}]) if other && spared.any? && random.rand < 0.2
    (random.rand < 0.3) ? freely(held) : held
  end

  def compound(id)
    {"id" => id, "counting" => "compound", "parts" => [{"movement" => "high_knees", "reps" => 4}, {"movement" => %w[squat push_up box_jump].sample(random: random), "reps" => random.rand(1..6)}],
     "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"reps" => random.rand(2..5)}] }}
  end
end
