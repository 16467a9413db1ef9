# frozen_string_literal: true

RSpec.describe Sparrow::People::Membership do
  let(:today) { Date.new(2026, 11, 24) }

  it "counts somebody as new for four weeks, and nobody whose first day is not known" do
    expect([today, today - 27, today - 28, nil].map { |since| described_class.new?(since, on: today) }).to eq([true, true, false, false])
  end

  it "accepts ages from ten to a hundred and ten" do
    errors = [2016, 2017, 1916, 1915, nil].map { |year| described_class.validation_errors(year, nil, today: today).map(&:pointer) }
    expect(errors).to eq([[], ["/birth_year"], [], ["/birth_year"], []])
  end

  it "refuses a first day that is to come, or before the year of birth" do
    errors = [["2026-11-25", 1990], ["2026-11-26", 1990], ["1989-12-31", 1990]].map { |since, year| described_class.validation_errors(year, since, today: today).map { |problem| [problem.pointer, problem.message] } }
    expect(errors).to eq([[], [["/since", "is not here yet"]], [["/since", "is before they were born"]]])
  end
end
