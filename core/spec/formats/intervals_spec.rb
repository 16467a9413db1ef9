# frozen_string_literal: true

RSpec.describe "The intervals format" do
  def own_stops(id, beginner, intermediate, advanced, **keys)
    stops = {"beginner" => beginner, "intermediate" => intermediate, "advanced" => advanced}
    station(id, levels: stops.transform_values { |work_s| {"work_s" => work_s} }, **keys)
  end

  def lane(timeline, level)
    timeline.blocks.flat_map { |line| line.lanes.fetch(level) }.map { |part| [part.kind, part.seconds] }
  end

  describe "in worked examples" do
    it "takes 13:00 for 4 stations, 40/20, 3 rounds, round rest 60" do
      timeline = timeline_of(intervals(4, rounds: 3, round_rest_s: 60))
      expect(timeline.total_s).to eq(13 * 60)
      expect(seconds_of(timeline, "advanced")).to eq("work" => 480, "rest" => 300)
    end

    it "takes 12:00 for 6 stations, 25/35, 2 rounds, rest after last" do
      timeline = timeline_of(intervals(6, work_s: 25, rest_s: 35, rounds: 2, rest_after_last: true))
      expect(timeline.total_s).to eq(12 * 60)
      expect(seconds_of(timeline, "beginner")).to eq("work" => 300, "rest" => 420)
    end

    it "takes 9:00 for 3 stations whose levels stop at 20/40/60, rest 30, 2 rounds, round rest 60" do
      stations = Array.new(3) { |index| own_stops("s#{index}", 20, 40, 60) }
      timeline = timeline_of(intervals(stations, rest_s: 30, rounds: 2, round_rest_s: 60))
      expect(timeline.total_s).to eq(9 * 60)
      expect(seconds_of(timeline, "beginner")).to eq("work" => 120, "rest" => 180, "waiting" => 240)
      expect(seconds_of(timeline, "intermediate")).to eq("work" => 240, "rest" => 180, "waiting" => 120)
      expect(seconds_of(timeline, "advanced")).to eq("work" => 360, "rest" => 180)
    end

    it "takes 6:50 for 3 stations, the second each side, 35/10, 2 rounds, round rest 90" do
      stations = [station("a"), station("b", sides: "each"), station("c")]
      timeline = timeline_of(intervals(stations, work_s: 35, rest_s: 10, rounds: 2, round_rest_s: 90))
      expect(timeline.total_s).to eq(410)
      expect(seconds_of(timeline, "intermediate")).to eq("work" => 280, "rest" => 130)
    end

    it "takes 8:45 for 4 stations, 30/15, rounds by level 1/2/3, no round rest" do
      rounds = {"beginner" => 1, "intermediate" => 2, "advanced" => 3}
      timeline = timeline_of(intervals(4, work_s: 30, rest_s: 15, rounds_by_level: rounds))
      expect(timeline.total_s).to eq(525)
      expect(seconds_of(timeline, "beginner")).to eq("work" => 120, "rest" => 45, "done" => 360)
      expect(seconds_of(timeline, "intermediate")).to eq("work" => 240, "rest" => 105, "done" => 180)
      expect(seconds_of(timeline, "advanced")).to eq("work" => 360, "rest" => 165)
    end
  end

  describe "rests" do
    it "come between stations and not after the last" do
      expect(lane(timeline_of(intervals(2)), "beginner")).to eq([["work", 40], ["rest", 20], ["work", 40]])
    end

    it "of a round's end are the plain rest where no round rest is set" do
      expect(timeline_of(intervals(1, rounds: 2)).total_s).to eq(100)
    end

    it "of a round's end are nothing where the round rest is set to 0" do
      expect(timeline_of(intervals(1, rounds: 2, round_rest_s: 0)).total_s).to eq(80)
    end

    it "after the last are what a round's end gives" do
      expect(timeline_of(intervals(2, round_rest_s: 90, rest_after_last: true)).total_s).to eq(40 + 20 + 40 + 90)
    end

    it "may differ by station and by level; the longest of them is the gap" do
      long = station("a", rest_s: 10, levels: {"beginner" => {"rest_s" => 45}})
      timeline = timeline_of(intervals([long, station("b")]))
      expect(lane(timeline, "beginner")).to eq([["work", 40], ["rest", 45], ["work", 40]])
      expect(lane(timeline, "advanced")).to eq([["work", 40], ["rest", 10], ["waiting", 35], ["work", 40]])
    end
  end

  describe "staggered stops" do
    it "give the level's own time precedence over the station's, and the station's over the block's" do
      stations = [station("a"), station("b", work_s: 25), own_stops("c", 10, 15, 20, work_s: 90)]
      timeline = timeline_of(intervals(stations, rest_s: 0))
      expect(lane(timeline, "beginner").map(&:last)).to eq([40, 25, 10, 10])
    end

    it "shrink the window to the lanes still going" do
      stations = [own_stops("a", 20, 40, 60)]
      rounds = {"beginner" => 3, "intermediate" => 3, "advanced" => 1}
      expect(timeline_of(intervals(stations, rest_s: 0, rounds_by_level: rounds)).total_s).to eq(60 + 40 + 40)
    end

    it "treat a hold as a target inside the window: a shorter one waits, a longer one ends with it" do
      holds = {"beginner" => 20, "intermediate" => 30, "advanced" => 45}.transform_values { |hold_s| {"hold_s" => hold_s} }
      timeline = timeline_of(intervals([station("a", movement: "plank", levels: holds)]))
      expect(lane(timeline, "beginner")).to eq([["work", 20], ["waiting", 20]])
      expect(lane(timeline, "advanced")).to eq([["work", 40]])
      expect(timeline.total_s).to eq(40)
    end
  end

  describe "sides" do
    it "split the window in half, an odd second going to the first side" do
      timeline = timeline_of(intervals([station("a", sides: "split")], work_s: 41))
      line = timeline.blocks.first.lanes.fetch("beginner")
      expect(line.map { |part| [part.side, part.seconds] }).to eq([["first", 21], ["second", 20]])
      expect(timeline.total_s).to eq(41)
    end

    it "take the switch out of the second half of a split window" do
      timeline = timeline_of(intervals([station("a", sides: "split")], switch_s: 6))
      expect(lane(timeline, "beginner")).to eq([["work", 20], ["switch", 6], ["work", 14]])
    end

    it "let a staggered lane work half its own time from the start of each half" do
      timeline = timeline_of(intervals([own_stops("a", 21, 40, 60, sides: "split")]))
      expect(lane(timeline, "beginner")).to eq([["work", 11], ["waiting", 19], ["work", 10], ["waiting", 20]])
      expect(lane(timeline, "advanced")).to eq([["work", 30], ["work", 30]])
    end

    it "let a staggered lane change sides in what it waits, as far as that goes" do
      timeline = timeline_of(intervals([own_stops("a", 15, 40, 60, sides: "split")], switch_s: 4))
      expect(lane(timeline, "beginner")).to eq([["work", 8], ["waiting", 22], ["switch", 4], ["work", 7], ["waiting", 19]])
      expect(lane(timeline, "advanced")).to eq([["work", 30], ["switch", 4], ["work", 26]])
    end

    it "hold a split hold on each side" do
      holds = Sparrow::Level::ALL.to_h { |level| [level, {"hold_s" => 20}] }
      timeline = timeline_of(intervals([station("a", movement: "side_plank", sides: "split", levels: holds)]))
      expect(lane(timeline, "beginner")).to eq([["work", 20], ["work", 20]])
    end

    it "give each side a full window, the switch added and no rest between" do
      timeline = timeline_of(intervals([station("a", sides: "each"), station("b")], switch_s: 5))
      expect(lane(timeline, "advanced")).to eq([["work", 40], ["switch", 5], ["work", 40], ["rest", 20], ["work", 40]])
    end

    it "start both sides together for lanes that stop early" do
      timeline = timeline_of(intervals([own_stops("a", 20, 30, 40, sides: "each")]))
      expect(lane(timeline, "beginner")).to eq([["work", 20], ["waiting", 20], ["work", 20], ["waiting", 20]])
    end

    it "may be of one level only: the others work both windows" do
      one = station("a", levels: {"advanced" => {"sides" => "each"}})
      timeline = timeline_of(intervals([one]))
      expect(lane(timeline, "beginner")).to eq([["work", 40], ["work", 40]])
    end
  end

  describe "rounds by level" do
    it "fall back to the block's rounds for a level that is not named" do
      timeline = timeline_of(intervals(1, rounds: 2, rounds_by_level: {"advanced" => 3}))
      expect(seconds_of(timeline, "beginner")["work"]).to eq(80)
      expect(seconds_of(timeline, "advanced")["work"]).to eq(120)
    end

    it "win over the block's rounds" do
      rounds = {"beginner" => 1, "intermediate" => 1, "advanced" => 1}
      expect(timeline_of(intervals(1, rounds: 5, rounds_by_level: rounds)).total_s).to eq(40)
    end

    it "make a lane wait to the end of its last window, and only then be done" do
      stations = [own_stops("a", 20, 40, 40)]
      timeline = timeline_of(intervals(stations, rounds: 2, rounds_by_level: {"beginner" => 1}))
      expect(lane(timeline, "beginner")).to eq([["work", 20], ["waiting", 20], ["done", 20], ["done", 40]])
    end

    it "leave a lane that is done out of the rest after the last" do
      timeline = timeline_of(intervals(1, rounds: 2, rounds_by_level: {"beginner" => 1}, rest_after_last: true))
      expect(seconds_of(timeline, "beginner")).to eq("work" => 40, "done" => 80)
      expect(seconds_of(timeline, "advanced")).to eq("work" => 80, "rest" => 40)
    end
  end

  describe "escalating" do
    it "takes in round k the whole prescription of the level min(own, k), work time included" do
      timeline = timeline_of(intervals([own_stops("a", 20, 40, 60)], rounds: 3, rest_s: 0, escalate: true))
      expect(lane(timeline, "advanced").map(&:last)).to eq([20, 40, 60])
      expect(lane(timeline, "beginner")).to eq([["work", 20], ["work", 20], ["waiting", 20], ["work", 20], ["waiting", 40]])
      expect(timeline.blocks.first.lanes["advanced"].map(&:level)).to eq(%w[beginner intermediate advanced])
    end

    it "goes together with rounds by level" do
      rounds = {"beginner" => 1, "intermediate" => 2, "advanced" => 3}
      timeline = timeline_of(intervals([own_stops("a", 20, 40, 60)], rest_s: 0, escalate: true, rounds_by_level: rounds))
      expect(seconds_of(timeline, "beginner")).to eq("work" => 20, "done" => 100)
      expect(timeline.total_s).to eq(120)
    end
  end

  describe "in_rounds" do
    it "decides which station is last" do
      stations = [station("a"), station("b", in_rounds: [1])]
      timeline = timeline_of(intervals(stations, rounds: 2, round_rest_s: 60))
      expect(lane(timeline, "beginner").map(&:last)).to eq([40, 20, 40, 60, 40])
    end

    it "lets an empty round take no time" do
      timeline = timeline_of(intervals([station("a", in_rounds: [1, 3])], rounds: 3))
      expect(timeline.total_s).to eq(100)
    end

    it "leaves a lane that meets no station done from the start" do
      timeline = timeline_of(intervals([station("a", in_rounds: [2])], rounds: 2, rounds_by_level: {"beginner" => 1}))
      expect(seconds_of(timeline, "beginner")).to eq("done" => 40)
    end
  end

  it "starts each block when the one before has ended for everyone, with time to get ready" do
    timeline = timeline_of(
      intervals([own_stops("a", 20, 40, 60)], id: "one", get_ready_s: 10), pause(90), intervals(1, id: "three", get_ready_s: 5)
    )
    expect(timeline.blocks.map { |line| [line.start_s, line.total_s] }).to eq([[0, 70], [70, 90], [160, 45]])
    expect(seconds_of(timeline, "beginner")).to eq("ready" => 15, "work" => 60, "waiting" => 40, "pause" => 90)
  end

  it "takes no time where nothing is planned" do
    expect(timeline_of(intervals([])).total_s).to eq(0)
    expect(timeline_of.total_s).to eq(0)
  end

  it "adds up reps and moves of the lane, one set for each visit" do
    pairs = station("a", levels: {"advanced" => {"reps" => 6}}, sides: "each")
    sums = timeline_of(intervals([pairs], rounds: 2)).sums.fetch("advanced")
    expect([sums.reps_counted, sums.moves]).to eq([12, 24])
  end
end
