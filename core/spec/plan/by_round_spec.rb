# frozen_string_literal: true

RSpec.describe Sparrow::Plan::ByRound do
  it "knows every number that was typed, and the longest where there are several" do
    typed = [40, [60, 50], {"min" => 20, "max" => 35}, nil]
    expect(typed.map { |held| described_class.numbers(held) }).to eq([[40], [60, 50], [20, 35], []])
    expect(typed.map { |held| described_class.longest(held) }).to eq([nil, 60, 35, nil])
  end

  it "moves each of them, and says them as they would be typed" do
    typed = [40, [60, 50], {"min" => 20, "max" => 35}]
    expect(typed.map { |held| described_class.moved(held, -5) }).to eq([35, [55, 45], {"min" => 15, "max" => 30}])
    expect(typed.map { |held| described_class.words(held) }).to eq(["40", "60, 50", "20–35"])
  end
end
