# frozen_string_literal: true

require_relative "../support/bad_plans"

# What a critical colleague would find, and what they would leave alone.
RSpec.describe "Plans that a colleague would send back" do
  def found(document)
    Sparrow::Review.of(Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(document)))
  end

  BadPlans.list.each do |plan|
    it "#{plan.name}: found, and not in a sound version" do
      expect(found(plan.bad).map(&:rule)).to include(plan.rule)
      expect(found(plan.sound).map(&:rule)).not_to include(plan.rule)
    end
  end

  it "are more than fifty, over nearly all rules" do
    expect(BadPlans.list.size).to be >= 53
    expect(Sparrow::Review::RULES.map(&:slug) - BadPlans.list.map(&:rule)).to match_array(%w[nothing_to_do no_way_round])
  end

  it "are not the ready-made circuits, where a table or a bar is all there is to say" do
    Sparrow::Plan::Templates.all.each do |template|
      expect(found(template.document).map(&:rule) - %w[tested_first]).to eq([]), template.title
    end
  end

  it "are not three plain exercises of ten" do
    plain = BadPlans.workout_document(BadPlans.warm_up, {"id" => "main", "role" => "main", "format" => "rounds", "rounds" => 3,
      "stations" => %w[squat push_up dead_bug].map.with_index { |movement, index| BadPlans.station("s#{index}", movement: movement, levels: BadPlans.every_level({"reps" => 10}).merge("beginner" => {"reps" => 6})) }}, BadPlans.cool_down)
    expect(found(plain).size).to be <= 1
  end
end
