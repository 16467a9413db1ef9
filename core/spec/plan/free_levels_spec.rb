# frozen_string_literal: true

# A level at a station may do another movement, have its own parts, or sit it out; work and rest may change by round.
RSpec.describe "Levels that differ" do
  let(:parts) { [{"movement" => "high_knees", "reps" => 4}, {"movement" => "mountain_climber", "reps" => 4}] }
  let(:squats) { {"variation" => "squat.parallel", "reps" => 10} }
  let(:compound) { {"parts" => parts, "reps" => 4} }

  # A station of push-ups, with what some levels do instead.
  def free(id = "p", levels = {}, **keys)
    given = station(id, movement: "push_up", **keys)
    given.merge("levels" => given["levels"].merge(levels))
  end

  def cell(levels, level = "beginner", **keys)
    timeline_of(intervals([free("p", levels)], **keys)).workout.blocks.first.stations.first.at(level)
  end

  describe "another movement" do
    it "is counted, paced and loaded as its own version is" do
      found = cell({"beginner" => squats})
      expect([found.movement.id, found.variation.id, found.counting.rule, found.moves]).to eq(["squat", "squat.parallel", "each", 10])
      expect(found.seconds_per_move).to eq(Sparrow::Catalogue.house.variation("squat.parallel").tempo.seconds * 1.25r)
    end

    it "does not take the counting that was chosen for the station's own" do
      block = intervals([free("p", {"beginner" => squats}, counting: "pair")])
      levels = timeline_of(block).workout.blocks.first.stations.first.levels
      expect(levels.transform_values { |held| held.counting.rule }).to eq("beginner" => "each", "intermediate" => "pair", "advanced" => "pair")
    end

    it "takes a share of the advanced number only where both are counted in the same way" do
      own = {"beginner" => {"variation" => "plank.forearm"}, "intermediate" => {"variation" => "squat.parallel"}, "advanced" => {"variation" => "push_up.floor", "reps" => 20}}
      levels = timeline_of(intervals([free("p", own)], scaling: "share")).workout.blocks.first.stations.first.levels
      expect(levels.transform_values(&:reps)).to eq("beginner" => nil, "intermediate" => 15..15, "advanced" => 20..20)
    end

    it "counts in the balance as what it is, and needs its own kit" do
      timeline = timeline_of(intervals([free("p", {"beginner" => {"variation" => "squat.chair_tap", "reps" => 8}})]))
      expect(Sparrow::Plan::Balance.new(timeline).to_h.fetch("beginner")["pattern"].keys).to eq(["squat"])
      expect(Sparrow::Plan::Kit.new(timeline.workout).of(timeline.workout.blocks.first).map { |need| need["equipment"] }).to include("chair")
    end

    it "is compared with the other levels only where it works in the same way" do
      document = workout_document(intervals([free("p", {"advanced" => {"variation" => "squat.chair_tap", "reps" => 8}})]))
      expect(Sparrow::Preview.new(document).findings.map(&:rule)).not_to include("levels_out_of_order")
    end

    it "gives the station its name where no level does the station's own" do
      names = [{"beginner" => squats}, Sparrow::Level::ALL.to_h { |level| [level, squats] }].map { |levels| timeline_of(intervals([free("p", levels)])).workout.blocks.first.stations.first.name }
      expect(names).to eq(["Push-up", "Squat"])
    end

    it "is refused where the catalogue has no such version" do
      expect(refusal_of(workout_document(intervals([free("p", {"beginner" => {"variation" => "squat.of_nobody"}})])))).to match("/blocks/0/stations/0/levels/beginner/variation" => /not a version in the catalogue/)
    end
  end

  describe "own parts" do
    it "are one count, beside a level that does one movement" do
      found = cell({"beginner" => compound})
      expect([found.movement, found.counting.rule, found.moves, found.parts.map { |part| part.variation.movement_id }]).to eq([nil, "compound", 32, %w[high_knees mountain_climber]])
    end

    it "may be left by one level of a station of parts" do
      block = intervals([{"id" => "p", "counting" => "compound", "parts" => parts, "levels" => {"beginner" => squats, "intermediate" => {"reps" => 4}, "advanced" => {"reps" => 6}}}])
      levels = timeline_of(block).workout.blocks.first.stations.first.levels
      expect(levels.transform_values(&:moves)).to eq("beginner" => 10, "intermediate" => 32, "advanced" => 48)
    end

    it "exclude a version, and another way of counting" do
      both = workout_document(intervals([free("p", {"beginner" => compound.merge("variation" => "push_up.knees")})]))
      expect(refusal_of(both).keys).to eq(["/blocks/0/stations/0/levels/beginner/variation"])
      pairs = workout_document(intervals([free("p", {"beginner" => compound.merge("counting" => "pair")})]))
      expect(refusal_of(pairs).keys).to eq(["/blocks/0/stations/0/levels/beginner/counting"])
    end
  end

  describe "sitting out" do
    let(:out) { {"sits_out" => true} }

    it "waits for the window, and is done from the last station on that has something for it" do
      timeline = timeline_of(intervals([free("p", {"beginner" => out}), station("s", movement: "squat"), free("q", {"beginner" => out})], work_s: 30, rest_s: 10))
      expect(seconds_of(timeline, "beginner")).to eq("work" => 30, "waiting" => 40, "done" => 40)
      expect(seconds_of(timeline, "advanced")).to eq("work" => 90, "rest" => 20)
    end

    it "leaves a window to who works in it" do
      stops = {"beginner" => out, "intermediate" => {"variation" => "push_up.floor", "work_s" => 25}, "advanced" => {"variation" => "push_up.floor", "work_s" => 20}}
      timeline = timeline_of(intervals([free("p", stops), station("s", movement: "squat")], work_s: 60, rest_s: 0))
      expect(timeline.total_s).to eq(85)
    end

    it "takes no time where nobody who is still going does anything" do
      block = intervals([free("p", {"advanced" => out}), station("s", movement: "squat")], rounds: 1, rounds_by_level: {"advanced" => 2}, work_s: 30, rest_s: 10)
      expect(timeline_of(block).total_s).to eq(30 + 10 + 30 + 10 + 30)
    end

    it "has no place in a lane that people pace" do
      block = {"id" => "b", "role" => "main", "format" => "rounds", "rounds" => 2, "gate" => "round", "stations" => [free("p", {"beginner" => out}), station("s", movement: "squat")]}
      line = timeline_of(block).blocks.first
      expect(line.visits.transform_values { |visits| visits.map { |visit| visit.station.id } }).to eq("beginner" => %w[s s], "intermediate" => %w[p s p s], "advanced" => %w[p s p s])
    end

    it "keeps what was typed, and is refused where nobody is left" do
      kept = {"sits_out" => true, "variation" => "push_up.knees", "reps" => 8}
      expect(refusal_of(workout_document(intervals([free("p", {"beginner" => kept})])))).to eq({})
      everybody = Sparrow::Level::ALL.to_h { |level| [level, out] }
      expect(refusal_of(workout_document(intervals([free("p", everybody)]))).keys).to eq(["/blocks/0/stations/0/levels"])
    end

    it "is called, shown and logged as nothing to do" do
      document = workout_document(intervals([station("s", movement: "squat"), free("p", {"beginner" => out})]))
      preview = Sparrow::Preview.new(document)
      expect(preview.to_h["cues"].map { |cue| cue["text"] }).to include(start_with("Next: Intermediate"))
      expect(preview.to_h.dig("blocks", 0, "stations", 1, "levels", "beginner")).to include("target" => "sits this one out", "moves" => 0)
      log = Sparrow::Logging::Sheet.new(preview.workout)
      expect(log.results("beginner", []).map(&:station)).to eq(["s"])
      expect(log.results("advanced", []).map(&:station)).to eq(%w[s p])
    end
  end

  describe "work and rest by round" do
    it "takes the last of the numbers for the rounds that follow" do
      timeline = timeline_of(intervals([station("s", movement: "squat")], work_s: [60, 50, 40], rest_s: [30, 20], rounds: 4))
      expect(timeline.blocks.first.lanes["advanced"].map { |segment| [segment.kind, segment.seconds] })
        .to eq([["work", 60], ["rest", 30], ["work", 50], ["rest", 20], ["work", 40], ["rest", 20], ["work", 40]])
    end

    it "takes a level's own before its station's, and the station's before the block's" do
      own = {"beginner" => {"work_s" => [30, 20], "rest_ratio" => 2}, "advanced" => {"rest_s" => {"min" => 5, "max" => 15}}}
      circuit = intervals([station("s", movement: "squat", levels: own, work_s: [50, 40], rest_ratio: 0.5), station("t", movement: "push_up")], work_s: 60, rest_s: 10, rounds: 2)
      lanes = timeline_of(circuit).blocks.first.visits
      times = lanes.transform_values { |visits| visits.map { |visit| [visit.work_s, visit.prescription.rest_in(visit.round)] } }
      expect(times).to eq("beginner" => [[30, 60], [60, 10], [20, 40], [60, 10]], "intermediate" => [[50, 25], [60, 10], [40, 20], [60, 10]], "advanced" => [[50, 15], [60, 10], [40, 15], [60, 10]])
    end

    it "refuses them at a station of a format that has one number for all rounds" do
      refused = refusal_of(workout_document({"id" => "b", "role" => "main", "format" => "rounds", "rounds" => 2, "stations" => [station("s", movement: "squat", work_s: [50, 40])]}))
      expect(refused.keys).to eq(["/blocks/0/stations/0/work_s"])
      upside_down = station("s", movement: "squat", levels: {"beginner" => {"rest_s" => {"min" => 9, "max" => 5}}})
      expect(refusal_of(workout_document(intervals([upside_down]))).keys).to eq(["/blocks/0/stations/0/levels/beginner/rest_s/min"])
    end

    it "makes a rest a share of one's own work, rounded up" do
      own = {"beginner" => {"work_s" => 15}, "intermediate" => {"work_s" => 20}}
      timeline = timeline_of(intervals([station("s", movement: "squat", levels: own), station("t", movement: "push_up")], work_s: 31, rest_s: 5, rest_ratio: 0.5))
      rests = timeline.blocks.first.lanes.transform_values { |lane| lane.select { |segment| segment.kind == "rest" }.map(&:seconds) }
      expect(rests).to eq("beginner" => [8], "intermediate" => [10], "advanced" => [16])
    end

    it "plans a range by its top, and refuses one upside down" do
      expect(timeline_of(intervals(2, rest_s: {"min" => 10, "max" => 25})).total_s).to eq(105)
      expect(refusal_of(workout_document(intervals(2, rest_s: {"min" => 30, "max" => 25}))).keys).to eq(["/blocks/0/rest_s/min"])
    end

    it "says the seconds of every round where nothing else is asked" do
      words = timeline_of(intervals([station("m", movement: "high_knees", levels: {"advanced" => {"work_s" => 30}})], work_s: [60, 50, 40], rounds: 3)).workout.blocks.first.stations.first
      expect(Sparrow::Level::ALL.map { |level| Sparrow::Planning::Wording.at(words, level).to_s }).to eq(["for 60, 50, 40 s", "for 60, 50, 40 s", "for 30 s"])
    end

    it "holds a number to the shortest of its windows" do
      fit = Sparrow::Planning::WindowFit.of(*timeline_of(intervals([station("s", movement: "squat")], work_s: [60, 30], rounds: 2)).workout.each_station.first, "advanced")
      expect(fit.window_s).to eq(30)
    end
  end
end
