# frozen_string_literal: true

RSpec.describe Sparrow::People::Presets do
  it "sets several limits that there are, each preset with words and with whose advice it begins from" do
    expect(described_class::ALL.map(&:id)).to eq(%w[pregnant after_birth high_blood_pressure thin_bones unsteady])
    expect(described_class::ALL.flat_map(&:kinds) - Sparrow::People::Limits::KINDS).to eq([])
    expect(described_class::ALL.map { |preset| preset.kinds.size }).to all(be >= 2)
    expect(described_class::ALL.map { |preset| preset.advice.to_s }).to all(match(/doctor|midwife|physiotherapist/))
  end

  it "keeps from a pregnant person what lies on the back or the front, strains, lands or hangs the head" do
    limits = described_class::ALL.first.kinds.map { |kind| limit(kind) }
    given = Sparrow::Catalogue.house.flat_map(&:ladder).reject { |variation| limits.any? { |held| held.rules_out?(variation) } }.map(&:id)
    expect(given & %w[cartwheel.bench thrust_press.walk squat_thrust.walk sit_up.crunch plank.forearm squat.jump push_up.floor]).to eq([])
    expect(given).to include("push_up.hands_60", "squat.parallel", "bird_reach.leg_only", "row.standing")
  end

  it "leaves a way for all but three of the main ladders at most, at every level" do
    main = Sparrow::Catalogue.house.select { |movement| movement.role == "main" }
    described_class::ALL.product(Sparrow::Level::ALL).each do |preset, level|
      limits = preset.kinds.map { |kind| limit(kind) }
      out = main.select { |movement| Sparrow::People::WaysRound.first(movement, limits, level: level).nil? }
      expect(out.map(&:id).size).to be <= 3, "#{preset.id}: #{out.map(&:id)}"
    end
  end
end
