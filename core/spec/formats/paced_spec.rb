# frozen_string_literal: true

RSpec.describe "Paced formats" do
  # A bridge at a typed tempo of two seconds a move: reps are seconds halved.
  def sets(id, reps, **keys)
    levels = Sparrow::Level::ALL.zip(reps).to_h { |level, count| [level, {"variation" => "glute_bridge.two_leg", "tempo" => "1-0-1-0", "reps" => count}.compact] }
    {"id" => id, "movement" => "glute_bridge", "levels" => levels, **keys.transform_keys(&:to_s)}
  end

  def block(format, stations, **keys)
    {"id" => "b", "role" => "main", "format" => format, "stations" => stations, **keys.transform_keys(&:to_s)}
  end

  def line(...)
    timeline_of(block(...)).blocks.first
  end

  def kinds(line, level)
    line.lanes.fetch(level).map { |segment| [segment.kind, segment.seconds] }
  end

  describe "rounds for reps" do
    it "walks five seconds between stations, the last and the first of the next round included" do
      laid = line("rounds", [sets("a", [5, 5, 5]), sets("b", [5, 5, 5])], rounds: 2)
      expect(kinds(laid, "beginner")).to eq([["work", 10], ["transition", 5], ["work", 10], ["transition", 5], ["work", 10], ["transition", 5], ["work", 10]])
      expect(laid.total_s).to eq(55)
    end

    it "takes ten seconds from the feet to the floor" do
      standing = sets("a", [5, 5, 5]).merge("movement" => "squat")
      standing["levels"].each_value { |input| input["variation"] = "squat.parallel" }
      expect(kinds(line("rounds", [standing, sets("b", [5, 5, 5])], rounds: 1), "advanced")).to eq([["work", 10], ["transition", 10], ["work", 10]])
    end

    it "walks inside a rest where there is one, and shows what of the walk is longer" do
      expect(kinds(line("rounds", [sets("a", [5, 5, 5]), sets("b", [5, 5, 5])], rounds: 1, rest_s: 20), "beginner")).to eq([["work", 10], ["rest", 20], ["work", 10]])
      expect(kinds(line("rounds", [sets("a", [5, 5, 5]), sets("b", [5, 5, 5])], rounds: 1, rest_s: 3), "beginner")).to eq([["work", 10], ["rest", 3], ["transition", 2], ["work", 10]])
    end

    it "lets all wait for all at each round by default, and tells how long" do
      laid = line("rounds", [sets("a", [5, 10, 20])], rounds: 2)
      expect(laid.total_s).to eq(40 + 5 + 40)
      expect(kinds(laid, "beginner")).to eq([["work", 10], ["waiting", 30], ["transition", 5], ["work", 10], ["waiting", 30]])
      expect(laid.forecast["beginner"].gates.map { |gate| [gate.takes_s, gate.waits_s] }).to eq([[10, 30], [10, 30]])
      expect(laid.forecast.transform_values { |told| told.finish_s }).to eq("beginner" => 55, "intermediate" => 65, "advanced" => 85)
    end

    it "lets all wait at each station, or nobody at all" do
      uneven = [sets("a", [5, 5, 20]), sets("b", [20, 5, 5])]
      expect(line("rounds", uneven, rounds: 1, gate: "station").total_s).to eq(40 + 5 + 40)
      free = line("rounds", uneven, rounds: 1, gate: "free")
      expect(free.total_s).to eq(55)
      expect(kinds(free, "intermediate")).to eq([["work", 10], ["transition", 5], ["work", 10], ["done", 30]])
    end

    it "is done after its own rounds, holds no gate any more, and waits at its last" do
      laid = line("rounds", [sets("a", [20, 5, 5])], rounds: 2, rounds_by_level: {"beginner" => 1})
      expect(laid.total_s).to eq(40 + 5 + 10)
      expect(kinds(laid, "beginner")).to eq([["work", 40], ["done", 15]])
      expect(kinds(laid, "advanced")).to eq([["work", 10], ["waiting", 30], ["transition", 5], ["work", 10]])
    end

    it "takes the easier prescription first where each round is a level harder" do
      laid = line("rounds", [sets("a", [3, 5, 10])], rounds: 3, escalate: true)
      expect(laid.visits["advanced"].map(&:counted)).to eq([3, 5, 10])
      expect(laid.visits["beginner"].map(&:counted)).to eq([3, 3, 3])
    end

    it "ends at its cap, in the middle of a set if need be, and counts what was done" do
      laid = line("rounds", [sets("a", [5, 10, 20])], rounds: 2, cap_s: 50, get_ready_s: 10)
      expect(laid.total_s).to eq(60)
      expect(laid.forecast.transform_values { |told| told.capped }).to eq("beginner" => true, "intermediate" => true, "advanced" => true)
      expect(laid.sums["advanced"].reps_counted).to eq(20 + 2)
    end

    it "tells the pace that an aim asks, and whether it is plausible" do
      demand = ->(aim) { line("rounds", [sets("a", [10, 10, 10])], rounds: 1, target_s: aim).forecast["advanced"].demand }
      # The variation's own tempo is 2-0-1-1: 4 s a move.
      expect(demand.call(40).to_h).to eq(seconds_per_rep: 4.0, of_default: 1.0, plausible: true)
      expect(demand.call(28).plausible).to be(true)
      expect(demand.call(27).plausible).to be(false)
    end

    it "lets a set without a number end at the variation's own target" do
      laid = line("rounds", [sets("a", [nil, nil, nil])], rounds: 1)
      expect(laid.visits["beginner"].first.counted).to eq(Sparrow::Catalogue.house.variation("glute_bridge.two_leg").target["reps"])
    end

    it "holds each side where a variation works one side at a time" do
      plank = {"id" => "p", "movement" => "side_plank", "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "side_plank.knees", "hold_s" => 20}] }}
      expect(line("rounds", [plank], rounds: 1).total_s).to eq(40)
    end
  end

  describe "as many rounds as possible" do
    it "makes seven rounds and 55 seconds of a round of 95 s in twelve minutes" do
      laid = line("amrap", [sets("a", [30, 30, 30]), sets("b", [12, 12, 12])], cap_s: 720)
      expect(laid.forecast["beginner"].to_h.slice("round_s", "rounds", "remainder_s")).to eq("round_s" => 94, "rounds" => 7, "remainder_s" => 62)
      exact = line("amrap", [sets("a", [45, 45, 45])], cap_s: 720)
      expect(exact.forecast["beginner"].to_h.slice("round_s", "rounds", "remainder_s")).to eq("round_s" => 95, "rounds" => 7, "remainder_s" => 55)
    end

    it "counts reps into the next round, and fills the lane to the cap" do
      laid = line("amrap", [sets("a", [30, 30, 30]), sets("b", [12, 12, 12])], cap_s: 720)
      expect(laid.forecast["beginner"].into_next.map { |part| [part.station, part.reps] }).to eq([["a", 30]])
      expect(laid.total_s).to eq(720)
      expect(laid.sums["beginner"].reps_counted).to eq(7 * 42 + 30)
    end
  end

  describe "a chipper" do
    it "does all of one station before the next, in the sets that were typed" do
      typed = sets("a", [10, 10, 10]).tap { |station| station["levels"].each_value { |input| input["splits"] = [6, 4] } }
      laid = line("chipper", [typed, sets("b", [5, 5, 5]).tap { |station| station["levels"].each_value { |input| input["splits"] = [5] } }], set_rest_s: 15)
      expect(kinds(laid, "advanced")).to eq([["work", 12], ["rest", 15], ["work", 8], ["transition", 5], ["work", 10]])
      expect(laid.forecast["advanced"].to_h["stations"].first).to eq("station" => "a", "sets" => [6, 4], "takes_s" => 35, "typed" => true)
    end

    it "suggests even sets that keep the reserve, more of them for who can do less" do
      laid = line("chipper", [sets("a", [40, 40, 40])])
      plans = laid.forecast.transform_values { |told| told.stations.first.sets }
      expect(plans.values.map(&:sum)).to eq([40, 40, 40])
      expect(plans["beginner"].size).to be > plans["advanced"].size
    end
  end

  describe "a ladder" do
    def ladder(id, total, shape, **keys)
      sets(id, [nil, nil, nil]).merge("ladder" => {"total" => total, "shape" => shape}, **keys.transform_keys(&:to_s))
    end

    it "spreads totals over the rounds, in opposite directions in one block" do
      laid = line("ladder", [ladder("down", 60, "descending"), ladder("up", 60, "ascending")], rounds: 4)
      by_station = laid.visits["advanced"].group_by { |visit| visit.station.id }.transform_values { |visits| visits.map(&:counted) }
      expect(by_station).to eq("down" => [24, 18, 12, 6], "up" => [6, 12, 18, 24])
    end

    it "scales the total before it is split" do
      laid = line("ladder", [ladder("a", 60, "descending")], rounds: 4, scaling: "share")
      expect(laid.visits.transform_values { |visits| visits.sum(&:counted) }).to eq("beginner" => 30, "intermediate" => 45, "advanced" => 60)
    end

    it "has an active rest in some of the rounds only" do
      rest = sets("rest", [3, 3, 3], in_rounds: [1, 3])
      laid = line("ladder", [ladder("a", 60, "flat"), rest], rounds: 4)
      expect(laid.visits["beginner"].select { |visit| visit.station.id == "rest" }.map(&:round)).to eq([1, 3])
    end

    it "adds up for a lane with fewer rounds too" do
      laid = line("ladder", [ladder("a", 60, "descending")], rounds: 4, rounds_by_level: {"beginner" => 2})
      expect(laid.visits["beginner"].map(&:counted)).to eq([40, 20])
    end

    it "takes typed rounds as they are typed" do
      typed = sets("a", [nil, nil, nil]).merge("ladder" => {"total" => 30, "shape" => "typed", "counts" => [5, 10, 15]})
      expect(line("ladder", [typed], rounds: 3).visits["advanced"].map(&:counted)).to eq([5, 10, 15])
    end
  end

  describe "every minute" do
    it "gives what is left of the minute to rest, lane by lane" do
      laid = line("every_minute", [sets("a", [5, 10, 20])], rounds: 2)
      expect(laid.total_s).to eq(120)
      expect(kinds(laid, "beginner")).to eq([["work", 10], ["rest", 50], ["work", 10], ["rest", 50]])
      expect(kinds(laid, "advanced")).to eq([["work", 40], ["rest", 20], ["work", 40], ["rest", 20]])
    end

    it "cuts a set that overruns, starts at other intervals, and is done after its rounds" do
      laid = line("every_minute", [sets("a", [5, 10, 40])], rounds: 2, interval_s: 45, rounds_by_level: {"beginner" => 1})
      expect(kinds(laid, "advanced")).to eq([["work", 45], ["work", 45]])
      expect(kinds(laid, "beginner")).to eq([["work", 10], ["rest", 35], ["done", 45]])
    end
  end

  describe "a day's total" do
    it "has no place on the clock, and a plan of sets that comes to the day's goal" do
      station = sets("a", [nil, nil, nil]).tap { |held| held["levels"].each_value { |input| input["quota"] = {"min" => 30, "max" => 50} } }
      {"lighter" => 30, "heavier" => 50}.each do |day, goal|
        laid = line("quota", [station], day: day)
        expect(laid.total_s).to eq(0)
        plan = laid.forecast["beginner"].to_h["stations"].first
        expect(plan).to include("goal" => goal, "minimum" => 30, "maximum" => 50)
        expect(plan["sets"].sum).to eq(goal)
      end
    end
  end

  describe "groups that move on" do
    let(:stations) { [sets("a", [5, 5, 5]), sets("b", [5, 5, 5]).merge("work_s" => 60), sets("c", [5, 5, 5])] }

    it "start at different stations and follow one another on one clock" do
      laid = line("intervals", stations, rounds: 1, work_s: 40, rest_s: 20, flow: "rotate")
      expect(laid.groups.map { |group| group.stops.map { |stop| stop.station.id }.join }).to eq(%w[abc bca cab])
      expect(laid.groups.map { |group| group.stops.map(&:start_s) }.uniq).to eq([[0, 80, 160]])
    end

    it "share the longest window of all stations, since all are worked at once" do
      laid = line("intervals", stations, rounds: 1, work_s: 40, rest_s: 20, flow: "rotate")
      expect(laid.windows.map(&:seconds)).to eq([60, 60, 60])
      expect(laid.total_s).to eq(60 * 3 + 20 * 2)
      expect(laid.sums["advanced"]["waiting"]).to eq(40)
    end

    it "rotate every minute, too" do
      laid = line("every_minute", stations.first(2), rounds: 1, flow: "rotate")
      expect(laid.groups.map { |group| group.stops.map { |stop| stop.station.id } }).to eq([%w[a b], %w[b a]])
    end
  end

  describe "a time to aim at" do
    it "says at what pace the reps would have to be done, and whether anybody could" do
      demanded = ->(target_s, stations = [sets("a", [5, 8, 10])]) { line("rounds", stations, rounds: 2, target_s: target_s).forecast.fetch("advanced").demand }
      expect(demanded.call(65)).to have_attributes(seconds_per_rep: 3.0, of_default: 0.75, plausible: true)
      expect(demanded.call(20).plausible).to be(false)
      expect(demanded.call(45, [{"id" => "m", "movement" => "high_knees", "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "high_knees.run", "work_s" => 20}] }}])).to be_nil
      expect(line("rounds", [sets("a", [5, 8, 10])], rounds: 2).forecast.fetch("advanced").demand).to be_nil
    end

    it "takes a station of several movements at its own pace" do
      parts = [{"movement" => "push_up", "reps" => 2}, {"movement" => "squat", "reps" => 2}]
      compound = {"id" => "c", "counting" => "compound", "parts" => parts, "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 3}] }}
      expect(line("rounds", [compound], rounds: 2, target_s: 600).forecast.fetch("advanced").demand.plausible).to be(true)
    end
  end

  it "gives an empty block no time" do
    laid = line("amrap", [], cap_s: 120)
    expect(laid.total_s).to eq(0)
    expect(laid.forecast.fetch("beginner")).to have_attributes(rounds: 0, remainder_s: 0)
  end
end
