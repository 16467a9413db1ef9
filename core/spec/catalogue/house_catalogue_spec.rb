# frozen_string_literal: true

require "json_schemer"

RSpec.describe "The house catalogue" do
  files = Sparrow::Catalogue::Files.paths(File.join(Sparrow::DATA, "movements"))
  let(:catalogue) { Sparrow::Catalogue.house }

  files.each do |path|
    it "has a sound #{File.basename(path)}" do
      expect(Sparrow::Catalogue::Form.validation_errors(YAML.safe_load_file(path)).map { |problem| "#{problem.pointer} #{problem.message}" }).to eq([])
    end
  end

  it "has its published schema up to date (bin/describe writes it), and every file sound by that too" do
    path = File.join(Sparrow::ROOT, "..", "docs", "formats", "movement.schema.json")
    expect(File.read(path)).to eq(Sparrow::Published.movement_schema)
    schema = JSONSchemer.schema(JSON.parse(Sparrow::Published.movement_schema))
    without_nulls = ->(value) {
      if value.is_a?(Hash)
        value.compact.transform_values(&without_nulls)
      else
        (value.is_a?(Array) ? value.map(&without_nulls) : value)
      end
    }
    wrong = files.reject { |file| schema.valid?(without_nulls.call(YAML.safe_load_file(file))) }
    expect(wrong.map { |file| File.basename(file) }).to eq([])
  end

  it "says in docs/ways-round.md what the catalogue has for whom, as it is now (bench/ways_round.rb --write)" do
    require_relative "../../../bench/ways_round"
    expect(File.read(File.join(Sparrow::ROOT, "..", "docs", "ways-round.md"))).to eq(WaysRoundFigures.page)
  end

  it "names each file after its movement" do
    expect(files.map { |path| File.basename(path, ".yml") }).to eq(files.map { |path| YAML.safe_load_file(path)["id"] })
  end

  it "refuses a variation without a movement standard, and says where" do
    document = YAML.safe_load_file(files.first)
    document["ladder"].first.delete("standard")
    expect(Sparrow::Catalogue::Form.validation_errors(document).map { |problem| [problem.pointer, problem.message.to_s] }).to eq([["/ladder/0/standard", "is missing"]])
  end

  it "has at least sixty ladders of three to eight variations, twelve warm-up moves and twelve stretches" do
    ladders = catalogue.select { |movement| movement.role == "main" }
    expect(ladders.size).to be >= 60
    expect(ladders.map { |movement| movement.ladder.size }).to all(be_between(3, 8))
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

  it "has a variation without impact in every ladder, for beginners" do
    catalogue.each { |movement| expect(movement.variation_for("beginner")).to be_no_impact, movement.id }
  end

  it "offers a way round a sore joint that does not load that joint, nor land hard" do
    loads = catalogue.flat_map { |movement| movement.spares.map { |joint, id| [movement.id, joint, catalogue.variation(id)] } }
      .select { |_, joint, way| way.nil? || way.joints.include?(joint) || way.impact == "high" }
    expect(loads.map { |movement, joint, way| "#{movement}: #{way&.id} for the #{joint}" }).to eq([])
  end

  it "says each thing once in a version, in at most eight words a cue" do
    variations = catalogue.flat_map(&:ladder)
    expect(variations.flat_map(&:cues).select { |cue| cue.split.size > 8 }).to eq([])
    expect(variations.map { |variation| variation.faults.size }).to all(be_between(2, 3))
    expect(variations.select { |variation| variation.faults.map(&:see).uniq.size < variation.faults.size }.map(&:id)).to eq([])
  end

  it "speaks plainly: no word of water or boats in what is said to a class" do
    said = catalogue.flat_map(&:ladder).flat_map { |variation| [*variation.cues, *variation.faults.flat_map(&:to_a), variation.standard, variation.breathing, *variation.cautions].map { |text| "#{variation.id}: #{text}" } }
    expect(said.grep(/\b(river|canal|boat|barge|punt|tiller|lock gate|moor\w*|oars?|silt|davits?|mast|deck|pier|ferry|figurehead|reed|lake|anchor)\b/i)).to eq([])
  end

  it "takes the push-up's demands from the published hand forces" do
    demands = %w[hands_60 knees floor feet_30].map { |variation| catalogue.variation("push_up.#{variation}").demand_value }
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
