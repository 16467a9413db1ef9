# frozen_string_literal: true

RSpec.describe Sparrow::People::WaysRound do
  let(:catalogue) { Sparrow::Catalogue.house }
  let(:main) { catalogue.select { |movement| movement.role == "main" } }

  def way(id, *kinds, level: "intermediate")
    found = described_class.first(catalogue.movement(id), kinds.map { |kind| limit(kind) }, level: level)
    found && [found.variation.id, found.kind]
  end

  def ways(kinds, level: "intermediate")
    limits = kinds.map { |kind| limit(kind) }
    main.map { |movement| described_class.first(movement, limits, level: level) }
  end

  it "leaves the level's own version where nothing rules it out" do
    expect(way("squat", "no_impact", level: "beginner")).to eq([catalogue.movement("squat").variation_for("beginner").id, "own"])
  end

  it "stays with the ladder where one of its versions spares what must be spared" do
    expect(way("push_up", "knee")).to eq(["push_up.floor", "own"])
    expect(way("push_up", "lower_back")).to eq(["push_up.knees", "own"])
  end

  it "takes what the catalogue names for the joint, of another pattern too" do
    expect(way("push_up", "wrist")).to eq(["push_up_fists.wall", "pattern"])
    expect(way("squat", "knee")).to eq(["hip_hinge.wall_tap", "named"])
  end

  it "takes what is named for the joint though it asks more than the level's own version" do
    own, named = catalogue.variation("switch_climber.step"), catalogue.variation("plank.forearm")
    expect(named.demand_value).to be > own.demand_value
    expect(way("switch_climber", "wrist")).to eq(["plank.forearm", "pattern"])
  end

  it "gives what is named wherever it spares what must be spared and suits the level" do
    Sparrow::People::Limits::KINDS.each do |kind|
      main.each do |movement|
        named = movement.spares[kind]&.then { |id| catalogue.variation(id) }
        found = described_class.first(movement, [limit(kind)], level: "advanced")
        next if named.nil? || found.kind == "own" || limit(kind).rules_out?(named)
        expect(found.variation.id).to eq(named.id), "#{movement.id} #{kind}"
      end
    end
  end

  it "takes another ladder of the pattern, then one that works most of the same muscles" do
    expect(way("glute_bridge", "hip").last).to eq("pattern")
    expect(way("in_out_squat", "needs_support").last).to eq("muscles")
  end

  it "never gives what loads what is spared, nor a skill, nor what lies above the level" do
    Sparrow::People::Limits::KINDS.combination(2).each do |kinds|
      limits = kinds.map { |kind| limit(kind) }
      main.each do |movement|
        found = described_class.first(movement, limits, level: "beginner")
        next unless found
        expect(limits.select { |held| held.rules_out?(found.variation) }).to eq([]), "#{movement.id}: #{found.variation.id}"
        expect(found.variation.levels).to include("beginner"), "#{movement.id}: #{found.variation.id}"
        expect(found.variation.pattern).not_to eq("balance_skill"), movement.id unless movement.pattern == "balance_skill"
        expect(found.variation.weight_on).not_to include("hands"), movement.id if found.variation.pattern == "balance_skill" && found.kind != "own"
      end
    end
  end

  it "leaves something for nearly every ladder with one limit, mostly in the same pattern" do
    found = Sparrow::People::Limits::KINDS.flat_map { |kind| ways([kind]) }
    expect(found.compact.size).to be >= found.size * 0.95
    expect(found.compact.count { |held| %w[own pattern].include?(held.kind) }).to be >= found.size * 0.85
  end

  it "leaves something for most ladders with two limits" do
    found = Sparrow::People::Limits::KINDS.combination(2).flat_map { |kinds| ways(kinds) }
    expect(found.compact.size).to be >= found.size * 0.85
  end

  it "lets an older adult who needs support and stays off the floor sit out four ladders at most" do
    out = main.zip(ways(%w[no_floor needs_support no_impact head_not_below_hips], level: "beginner")).filter_map { |movement, found| movement.id unless found }
    expect(out.size).to be <= 4, out.inspect
  end
end
