# frozen_string_literal: true

RSpec.describe "The house catalogue" do
  files = Sparrow::Catalogue::Files.paths(File.join(Sparrow::DATA, "movements"))
  let(:catalogue) { Sparrow::Catalogue.house }

  files.each do |path|
    it "has a sound #{File.basename(path)}" do
      expect(Sparrow::Catalogue::Files.validation_errors(YAML.safe_load_file(path))).to eq([])
    end
  end

  it "names each file after its movement" do
    expect(files.map { |path| File.basename(path, ".yml") }).to eq(files.map { |path| YAML.safe_load_file(path)["id"] })
  end

  it "refuses a rung without a movement standard, and says where" do
    document = YAML.safe_load_file(files.first)
    document["ladder"].first.delete("standard")
    expect(Sparrow::Catalogue::Files.validation_errors(document)).to include(/ladder\/0.*standard/)
  end

  it "has at least sixty ladders of three to six rungs, twelve warm-up moves and twelve stretches" do
    ladders = catalogue.select { |movement| movement.role == "main" }
    expect(ladders.size).to be >= 60
    expect(ladders.map { |movement| movement.ladder.size }).to all(be_between(3, 6))
    expect(catalogue.count { |movement| movement.role == "warm_up" }).to be >= 12
    expect(catalogue.count { |movement| movement.role == "cool_down" }).to be >= 12
  end

  it "speaks of muscles in one set of words, so that a stretch can be found for what was worked" do
    worked = catalogue.select { |movement| movement.role == "main" }.flat_map { |movement| movement.ladder.flat_map(&:muscles) }.uniq
    stretched = catalogue.select { |movement| movement.role == "cool_down" }.flat_map { |movement| movement.ladder.flat_map(&:muscles) }.uniq
    expect(stretched - worked - ["forearm"]).to eq([])
  end

  it "climbs every ladder from easy to hard" do
    catalogue.each do |movement|
      demands = movement.ladder.map(&:demand_value)
      expect(demands).to eq(demands.sort), movement.id
    end
  end

  it "has a rung without impact in every ladder, for beginners" do
    catalogue.each { |movement| expect(movement.rung_for("beginner")).to be_no_impact, movement.id }
  end

  it "offers a way round a sore joint that does not load that joint" do
    catalogue.each do |movement|
      movement.spares.each do |joint, id|
        substitute = catalogue.variation(id)
        expect(substitute).not_to be_nil, "#{movement.id}: #{id}"
        loads = (joint == "knee") ? substitute.impact != "none" : substitute.joints.include?(joint) && joint == "wrist"
        expect(loads).to be(false), "#{movement.id}: #{id} does not spare the #{joint}"
      end
    end
  end

  it "writes each cue and caution for its own rung" do
    cues = catalogue.flat_map { |movement| movement.ladder.flat_map(&:cues) }
    expect(cues.tally.select { |_, times| times > 1 }).to eq({})
    breathing = catalogue.flat_map { |movement| movement.ladder.map(&:breathing) }
    expect(breathing.tally.select { |_, times| times > 1 }).to eq({})
    cautions = catalogue.flat_map { |movement| movement.ladder.flat_map(&:cautions) }
    expect(cautions.tally.select { |_, times| times > 1 }).to eq({})
  end

  it "takes the push-up's demands from the published hand forces" do
    demands = %w[hands_60 knees floor feet_30].map { |rung| catalogue.variation("push_up.#{rung}").demand_value }
    expect(demands).to eq([0.41, 0.49, 0.64, 0.7])
  end

  it "opens a new station with numbers that fit half a minute at every level's pace" do
    catalogue.each do |movement|
      station = {"id" => "s", "movement" => movement.id, "levels" => movement.opening_prescriptions}
      timeline = timeline_of(intervals([station], work_s: 30))
      overruns = Sparrow::Review.of(timeline).select { |finding| finding.rule =~ /overrun|odd|order/ }
      expect(overruns.map(&:what)).to eq([]), movement.id
    end
  end
end
