# frozen_string_literal: true

require_relative "../../../bench/full_room"

RSpec.describe Sparrow::Fitting::RoomPlan do
  # @param counts [Hash{String => Integer}] how many of each level
  def people(counts)
    counts.flat_map { |level, count| Array.new(count) { |index| person("#{level} #{index}", level: level) } }
  end

  def versions(id, movement, *variations)
    station(id, movement: movement, levels: Sparrow::Level::ALL.zip(variations).to_h { |level, variation| [level, {"variation" => "#{movement}.#{variation}", "reps" => 4}] })
  end

  def plan(people, *stations, kit: nil, size: [9, 7], **block)
    described_class.new(fit(people, intervals(stations, **block), kit: kit), kit: kit, width_m: size[0], depth_m: size[1])
  end

  def from_the_front(spot)
    Math.hypot(spot.x - 4.5, spot.y)
  end

  let(:fourteen) { people({"intermediate" => 14}) }
  let(:push_ups) { versions("s1", "push_up", "wall", "floor", "floor") }
  let(:squats) { versions("s2", "squat", "chair_sit", "parallel", "parallel") }

  describe "everyone together" do
    it "gives each a spot of their own inside the room" do
      places = plan(fourteen, push_ups, squats).spots.map { |spot| [spot.x, spot.y] }
      expect(places.uniq.size).to eq(14)
      expect(places).to all(satisfy { |x, y| x.between?(1, 8) && y.between?(1.5, 6) })
    end

    it "keeps people as far apart as the room allows" do
      spots = plan(fourteen.first(12), squats, size: [12, 8]).spots
      expect(spots.combination(2).map { |one, other| Math.hypot(one.x - other.x, one.y - other.y) }.min).to be >= 2.5
    end

    it "puts who leans on a wall beside one" do
      spots = plan(people({"intermediate" => 9, "beginner" => 3}), push_ups).spots
      outer = spots.map(&:x).minmax
      expect(spots.select(&:wall).map { |spot| spot.participant.pacing_level }).to eq(["beginner"] * 3)
      expect(spots.select(&:wall)).to all(satisfy { |spot| outer.include?(spot.x) || spot.y == spots.map(&:y).max })
    end

    it "keeps who is new nearest to the instructor" do
      spots = plan([*fourteen.first(11), person("new").with(newcomer: true)], squats).spots
      expect(spots.min_by { |spot| from_the_front(spot) }.participant.id).to eq("new")
    end

    it "names the kit that each uses, and what is set out for all" do
      plan = plan(people({"beginner" => 3, "advanced" => 2}), push_ups, squats, kit: {"chair" => 12})
      expect(plan.spots.map(&:kit).tally).to eq(["chair"] => 3, [] => 2)
      expect(plan.set_out.map(&:to_a)).to eq([["chair", 3, 12, false]])
    end

    it "says where a piece is passed on: used by some at one station and by others at the next" do
      benches = [versions("s1", "push_up", "hands_60", "floor", "floor"), versions("s2", "split_squat", "free", "free", "rear_raised")]
      plan = plan(people({"beginner" => 2, "advanced" => 2}), *benches, kit: {"bench" => 2, "mat" => 4})
      expect(plan.set_out.map(&:to_a)).to include(["bench", 2, 2, true])
    end

    it "leaves out who must be talked to first" do
      plan = plan([*fourteen.first(2), person("asked").with(screening: "see_instructor")], squats)
      expect([plan.spots.size, plan.waiting.map(&:id)]).to eq([2, ["asked"]])
    end
  end

  describe "groups that rotate" do
    let(:rotating) { plan(people({"beginner" => 5}), push_ups, squats, kit: {"chair" => 12}, flow: "rotate") }

    it "sets the stations apart, each with who begins there" do
      expect(rotating.spots).to be_empty
      expect(rotating.stations.map { |spot| [spot.station.id, spot.people.map(&:id)] }).to eq([["s1", ["beginner 0", "beginner 2", "beginner 4"]], ["s2", ["beginner 1", "beginner 3"]]])
      expect(rotating.stations.map { |spot| [spot.x, spot.y] }.uniq.size).to eq(2)
    end

    it "counts kit by the largest group that comes" do
      expect(rotating.stations.map(&:kit)).to eq([[], %w[chair chair chair]])
    end
  end

  describe "the size of the room" do
    it "is guessed where it is not known, and said to be" do
      plan = plan(fourteen, squats, size: [nil, nil])
      expect(plan).not_to be_to_scale
      expect(plan.each_m2).to be_nil
    end

    it "is tight below four square metres each" do
      expect([plan(fourteen, squats, size: [7, 7]), plan(fourteen, squats, size: [8, 7])].map(&:tight?)).to eq([true, false])
    end

    it "may be anything: nobody comes, one does, a corridor" do
      expect(plan([], squats, size: [2, 2]).spots).to eq([])
      expect(plan(fourteen.first(1), squats, size: [2, 2]).spots.map(&:x)).to eq([1.0])
      expect(plan([*fourteen, *people({"advanced" => 14})], squats, size: [2, 60]).spots).to all(satisfy { |spot| spot.x.between?(0, 2) && spot.y.between?(0, 60) })
    end
  end

  it "holds for people of every kind in rooms of every size: all have a spot inside, and no more is set out than is there" do
    timeline = Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(Sparrow::Plan::Templates.all.first.document))
    [4, 13, 40].product([3, 8, 20], [3, 9]).each do |count, width, depth|
      room = FullRoom.new(timeline, size: count)
      plan = described_class.new(room.fit(room.scarce), kit: room.scarce, width_m: width, depth_m: depth)
      expect(plan.spots.map(&:participant)).to match_array(room.people)
      expect(plan.spots).to all(satisfy { |spot| spot.x.between?(0, width) && spot.y.between?(0, depth) })
      expect(plan.set_out).to all(satisfy { |piece| piece.needed <= piece.there })
    end
  end
end
