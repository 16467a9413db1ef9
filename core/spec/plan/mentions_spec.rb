# frozen_string_literal: true

RSpec.describe Sparrow::Plan::Mentions do
  let(:document) do
    parts = [{"movement" => "own_heave", "reps" => 4}, {"movement" => "squat", "reps" => 4}]
    given = station("a", movement: "push_up", alternatives: [{"for" => "wrist", "variation" => "own_reach.first"}])
    workout_document(intervals([given.merge("levels" => given["levels"].merge("beginner" => {"parts" => parts, "reps" => 2}, "advanced" => {"sits_out" => true, "variation" => "push_up.feet_60"})), {"id" => "b", "title" => "own_title"}]))
  end

  it "finds every movement that is named, and no other word" do
    expect(described_class.movements(document)).to contain_exactly("push_up", "own_heave", "squat", "own_reach")
    expect(described_class.movements("blocks" => [5, nil, {"movement" => 5}])).to eq([])
  end

  it "calls a movement otherwise wherever it and its versions stand, and nothing that only begins so" do
    renamed = described_class.renamed(document.merge("note" => "own_heave_twice"), "own_heave", "own_heave_2")
    expect(described_class.movements(renamed)).to contain_exactly("push_up", "own_heave_2", "squat", "own_reach")
    expect([renamed["note"], described_class.renamed(["own_heave.first"], "own_heave", "x")]).to eq(["own_heave_twice", ["x.first"]])
  end

  it "says what kit is needed by those who take part" do
    expect(described_class.kit(document, Sparrow::Catalogue.house)).to eq(%w[chair mat])
    expect(described_class.kit(workout_document(pause), Sparrow::Catalogue.house)).to eq([])
  end
end
