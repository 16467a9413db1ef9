# frozen_string_literal: true

RSpec.describe Sparrow::Planning::Suggest do
  let(:pulls) { timeline_of(intervals([station("a", movement: "row"), station("b", movement: "chin_up")], rounds: 3)) }
  let(:legs) { timeline_of(intervals([station("a", movement: "squat"), station("b", movement: "lunge_back")], rounds: 3)) }

  def movements(block)
    block["stations"].map { |held| Sparrow::Catalogue.house.movement(held["movement"]) }
  end

  it "raises the pulse, then moves joints, then rehearses patterns" do
    block = Sparrow::Planning::Suggest::WarmUp.new(legs).call(300)["block"]
    ranks = movements(block).map { |movement| {"gait" => 0, "jump" => 0, "mobility" => 1}.fetch(movement.pattern, 2) }
    expect(ranks).to eq(ranks.sort)
    expect(ranks.first).to eq(0)
    expect(ranks.uniq).to eq([0, 1, 2])
  end

  it "stays within the length that was chosen" do
    [3, 5, 8].each do |minutes|
      warm_up = timeline_of(Sparrow::Planning::Suggest::WarmUp.new(legs).call(minutes * 60)["block"])
      expect(warm_up.total_s).to be_between(minutes * 60 - 60, minutes * 60)
      cool_down = timeline_of(Sparrow::Planning::Suggest::CoolDown.new(legs).call(minutes * 60)["block"])
      expect(cool_down.total_s).to be_between(minutes * 60 - 80, minutes * 60)
    end
  end

  it "goes by the parts of a compound count, and by nothing of the warm-up itself" do
    parts = {"id" => "c", "counting" => "compound", "parts" => [{"movement" => "squat", "reps" => 4}, {"movement" => "push_up", "reps" => 4}],
             "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 4}] }}
    plan = timeline_of(intervals([station("r", movement: "row")], id: "w", role: "warm_up"), intervals([parts], rounds: 4, work_s: 60))
    patterns = movements(Sparrow::Planning::Suggest::WarmUp.new(plan).call(240)["block"]).map(&:pattern)
    expect(patterns).to include("squat").or include("push")
    expect(patterns).not_to include("pull")
  end

  it "rehearses what is loaded later" do
    patterns = movements(Sparrow::Planning::Suggest::WarmUp.new(legs).call(240)["block"]).map(&:pattern)
    expect(patterns).to include("squat")
  end

  it "stretches what was worked most, and both sides of it" do
    after_legs = Sparrow::Planning::Suggest::CoolDown.new(legs).call(140)["block"]
    after_pulls = Sparrow::Planning::Suggest::CoolDown.new(pulls).call(140)["block"]
    expect(movements(after_legs).flat_map { |movement| movement.ladder.flat_map(&:muscles) }).to include("front of thigh")
    expect(movements(after_pulls).map(&:id)).not_to eq(movements(after_legs).map(&:id))
    one_sided = after_legs["stations"].select { |held| movements(after_legs).find { |m| m.id == held["movement"] }.ladder.any? { |variation| variation.sides == "one_sided" } }
    expect(one_sided.map { |held| held["sides"] }).to all(eq("split"))
  end

  it "says why each move was chosen" do
    [Sparrow::Planning::Suggest::WarmUp, Sparrow::Planning::Suggest::CoolDown].each do |kind|
      answer = kind.new(legs).call(300)
      expect(answer["reasons"].map { |reason| reason["station"] }).to eq(answer["block"]["stations"].map { |held| held["id"] })
      expect(answer["reasons"].map { |reason| reason["why"] }).to all(match(/\A[A-Z].*\.\z/))
    end
  end

  it "takes an id that no block has" do
    taken = timeline_of(intervals(1, id: "warm-up"))
    expect(Sparrow::Planning::Suggest::WarmUp.new(taken).call(120)["block"]["id"]).to eq("warm-up-2")
  end

  # Twenty circuits of two to six exercises, of every pattern; what they load is counted here anew.
  describe "for twenty circuits" do
    catalogue = Sparrow::Catalogue.house
    random = Random.new(20_261_127)
    main = catalogue.select { |movement| movement.role == "main" && movement.pattern != "balance_skill" }
    circuits = Array.new(20) { |index| [main[index * main.size / 20], *main.sample(random.rand(1..4), random: random)].uniq.map(&:id) }

    def circuit(ids)
      timeline_of(intervals(ids.each_with_index.map { |id, index| station("s#{index}", movement: id) }, rounds: 4, work_s: 60, rest_s: 20))
    end

    # @return [Hash{Array(String, String) => Integer}] level and joint (or muscle) to seconds
    def worked(timeline, &names)
      timeline.blocks.flat_map { |line| Sparrow::Level::ALL.flat_map { |level| line.visits.fetch(level).map { |visit| [level, visit] } } }
        .each_with_object(Hash.new(0)) { |(level, visit), sums| names.call(visit.prescription.variation).each { |name| sums[[level, name]] += visit.work_s } }
    end

    def much(sums)
      sums.select { |_, seconds| seconds >= 180 }.keys
    end

    circuits.each do |ids|
      it "readies every joint and stretches every muscle that is worked for three minutes: #{ids.join(", ")}" do
        timeline = circuit(ids)
        warm_up = timeline_of(Sparrow::Planning::Suggest::WarmUp.new(timeline).call(480)["block"])
        cool_down = timeline_of(Sparrow::Planning::Suggest::CoolDown.new(timeline).call(600)["block"])
        readied = worked(warm_up) { |variation| variation.joints | variation.moves }.keys
        stretched = worked(cool_down, &:muscles).keys
        expect(much(worked(timeline, &:joints)) - readied).to eq([])
        expect(much(worked(timeline, &:muscles)) - stretched).to eq([])
      end

      it "keeps the length, a third for the pulse, and gets down once: #{ids.join(", ")}" do
        timeline = circuit(ids)
        block = Sparrow::Planning::Suggest::WarmUp.new(timeline).call(480)["block"]
        stations = block["stations"]
        expect(timeline_of(block).total_s).to be_between(480 - stations.size * block["rounds"], 480)
        pulse = stations.take_while { |held| catalogue.movement(held["movement"]).pattern == "gait" }
        expect(pulse.size * 3).to be >= stations.size
        down = stations.map { |held| catalogue.movement(held["movement"]).variation_for("intermediate").gets_down }
        expect(down.each_cons(2).count { |one, other| one != other }).to be <= 1
        cool_down = Sparrow::Planning::Suggest::CoolDown.new(timeline).call(300)["block"]
        expect(timeline_of(cool_down).total_s).to be_between(300 - cool_down["stations"].size, 300)
        expect(catalogue.movement(cool_down["stations"].first["movement"]).pattern).to eq("gait")
      end
    end
  end

  it "builds up before jumps, and only then" do
    jumps = timeline_of(intervals([station("a", movement: "squat_jump"), station("b", movement: "push_up")], rounds: 3))
    expect(movements(Sparrow::Planning::Suggest::WarmUp.new(jumps).call(300)["block"]).map(&:pattern)).to include("jump")
    still = timeline_of(intervals([station("a", movement: "wall_sit"), station("b", movement: "push_up")], rounds: 3))
    expect(movements(Sparrow::Planning::Suggest::WarmUp.new(still).call(300)["block"]).map(&:pattern)).not_to include("jump")
  end

  it "goes round a second time where there is time to spare, and says that it is bigger" do
    expect(Sparrow::Planning::Suggest::WarmUp.new(legs).call(480)["block"]).to include("rounds" => 2, "note" => /bigger/)
    expect(Sparrow::Planning::Suggest::WarmUp.new(legs).call(180)["block"]).to include("rounds" => 1)
  end

  it "takes half the time for each side of what works one side" do
    blocks = [Sparrow::Planning::Suggest::WarmUp.new(legs).call(480)["block"], Sparrow::Planning::Suggest::CoolDown.new(legs).call(480)["block"]]
    blocks.flat_map { |block| block["stations"] }.each do |held|
      one_sided = Sparrow::Level::ALL.any? { |level| Sparrow::Catalogue.house.movement(held["movement"]).variation_for(level).sides == "one_sided" }
      expect(held["sides"]).to eq(one_sided ? "split" : nil), held["movement"]
    end
  end

  it "keeps a warm-up and a cool-down to the class's conditions, with easier versions where its own do not" do
    %w[standing seated].product([true, false]).each do |position, no_kit|
      document = workout_document(intervals([station("p", movement: "push_up"), station("s", movement: "squat"), station("j", movement: "jumping_jack")], rounds: 3), conditions: {"position" => position, "no_kit" => no_kit})
      timeline = Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(document))
      [described_class::WarmUp, described_class::CoolDown].each do |kind|
        stations = kind.new(timeline).call(300)["block"]["stations"]
        versions = stations.flat_map { |held| held["levels"].values.map { |level| Sparrow::Catalogue.house.variation(level["variation"]) } }
        expect(versions.reject { |version| timeline.workout.conditions.keeps?(version) }.map(&:id)).to eq([]), [position, no_kit, kind].inspect
        expect(stations.size).to be >= 3
      end
    end
  end

  it "has a cool-down for a class whose work no stretch within its conditions reaches" do
    Sparrow::Catalogue.house.select { |movement| movement.role == "main" }.each do |movement|
      document = workout_document(intervals([station("p", movement: movement.id)]), conditions: {"position" => "seated", "no_kit" => true, "small_room" => true})
      block = described_class::CoolDown.new(Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(document))).call(60)["block"]
      expect(block["stations"]).not_to be_empty, movement.id
    end
  end
end
