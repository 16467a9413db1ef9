# frozen_string_literal: true

RSpec.describe Sparrow::Capacity::Prediction do
  let(:catalogue) { Sparrow::Catalogue.house }

  def predicted(pattern, measured)
    profile = person(measured: measured).estimates.profile
    described_class.of(pattern, profile, catalogue)
  end

  it "says what each variation of a pattern's ladders would be, fresh, easiest first and falling" do
    predicted("push", {"push_up.floor" => 12}).each do |ladder|
      amounts = ladder["variations"].select { |variation| variation["unit"] == "reps" }.map { |variation| variation["amount"] }
      expect(amounts).to eq(amounts.sort.reverse), ladder["movement"]
    end
  end

  it "predicts what was observed at the variation it was observed at" do
    [1, 5, 10, 15, 30].each do |count|
      variations = predicted("push", {"push_up.knees" => count}).flat_map { |ladder| ladder["variations"] }
      expect(variations.find { |variation| variation["id"] == "push_up.knees" }["amount"]).to eq(count)
    end
  end

  it "counts holds and patterns by time in seconds" do
    bracing = predicted("trunk_bracing", {"plank.forearm" => 60}).flat_map { |ladder| ladder["variations"] }
    expect(bracing.map { |variation| variation["unit"] }.uniq).to eq(%w[s])
    expect(bracing.find { |variation| variation["id"] == "plank.forearm" }["amount"]).to eq(60)
  end

  it "leaves out warm-up moves and stretches" do
    expect(predicted("push", {}).map { |ladder| ladder["movement"] }).not_to include("wall_press_warm")
  end
end
