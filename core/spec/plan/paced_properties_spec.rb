# frozen_string_literal: true

# Whatever is put into a block of any format, each lane fills it to the second.
RSpec.describe "Any block of any format" do
  g = PropCheck::Generators
  movements = %w[squat push_up plank row skater high_knees side_plank bear_step]
  formats = %w[rounds amrap chipper ladder every_minute intervals]

  build = lambda do |format, seed|
    random = Random.new(seed)
    stations = Array.new(random.rand(1..4)) do |index|
      movement = movements.sample(random: random)
      levels = Sparrow::Catalogue.house.movement(movement).opening_prescriptions
      levels.each_value { |input| input["reps"] = random.rand(1..30) if input["reps"] }
      # Now and then a level does another movement, or sits the station out.
      levels = levels.merge(%w[beginner intermediate advanced].sample(random: random) => [{"sits_out" => true}, {"variation" => "squat.parallel", "reps" => 6}].sample(random: random)) if random.rand < 0.3
      station = {"id" => "s#{index}", "movement" => movement, "levels" => levels}
      if format == "ladder" && levels.each_value.all? { |input| input["reps"] || input["sits_out"] } && random.rand < 0.7
        station["ladder"] = {"total" => random.rand(30..90), "shape" => %w[flat descending ascending pyramid].sample(random: random)}
        levels.each_value { |input| input.delete("reps") }
      end
      station
    end
    keys = {"rounds" => random.rand(1..4), "gate" => %w[station round free].sample(random: random), "get_ready_s" => random.rand(0..15)}
    keys["gate"] = "free" if format == "chipper" && keys["gate"] == "round"
    keys["cap_s"] = random.rand(30..600) if format == "amrap" || random.rand < 0.4
    keys["rest_s"] = random.rand(0..40) if random.rand < 0.5
    keys["round_rest_s"] = random.rand(0..60) if random.rand < 0.5
    keys["rounds_by_level"] = {"beginner" => 1} if random.rand < 0.4
    keys["interval_s"] = random.rand(20..90)
    keys["work_s"] = random.rand(20..60)
    keys["flow"] = "rotate" if random.rand < 0.3
    keys["rest_s"] ||= 20 if format == "intervals"
    known = Sparrow::Plan::Format.named(format).block_shapes.keys + ["get_ready_s"]
    {"id" => "b", "role" => "main", "format" => format, "stations" => stations, **keys.slice(*known)}
  end

  formats.each do |format|
    it "keeps ready, work, rest, waiting, switch, transition, pause and done to the total of #{format}" do
      PropCheck.forall(seed: g.choose(0..1_000_000)).with_config(n_runs: 120) do |seed:|
        line = timeline_of(build.call(format, seed)).blocks.first
        line.lanes.each_value do |segments|
          ends = segments.reduce(line.start_s) do |clock, segment|
            expect(segment.start_s).to eq(clock)
            expect(segment.seconds).to be_positive
            segment.end_s
          end
          expect(ends).to eq(line.end_s)
        end
        line.sums.each_value { |sums| expect(sums.total_s).to eq(line.total_s) }
      end
    end

    it "calls nothing outside of #{format}, and answers its preview" do
      PropCheck.forall(seed: g.choose(0..1_000_000)).with_config(n_runs: 25) do |seed:|
        preview = Sparrow::Preview.new(workout_document(build.call(format, seed)))
        expect(Sparrow::Plan::Cues.of(preview.timeline).map(&:at_s)).to all(be_between(0, preview.timeline.total_s))
        expect(JSON.parse(JSON.generate(preview.to_h))["total_s"]).to eq(preview.timeline.total_s)
      end
    end
  end

  # Written apart from the walk: with nobody waiting, a lane is its sets and the ways between.
  it "is, for a free lane of rounds, the sum of its sets and ways" do
    PropCheck.forall(seed: g.choose(0..1_000_000)).with_config(n_runs: 150) do |seed:|
      block = build.call("rounds", seed).except("cap_s", "rounds_by_level").merge("gate" => "free")
      timeline = timeline_of(block)
      stations = timeline.workout.blocks.first.stations
      Sparrow::Level::ALL.each do |level|
        taking = stations.filter_map { |station| station.at(level) }
        visits = taking * block["rounds"]
        ways = visits.each_cons(2).with_index.sum do |(from, to), index|
          walk = (from.starts_up? == to.starts_up?) ? 5 : 10
          rest = ((index + 1) % taking.size).zero? ? block["round_rest_s"] || block["rest_s"] || 0 : block["rest_s"] || 0
          [walk, rest].max
        end
        told = timeline.blocks.first.forecast[level].finish_s
        next expect(told).to be_nil if visits.empty?
        expect(told).to eq(visits.sum(&:set_s) + ways)
      end
    end
  end
end
