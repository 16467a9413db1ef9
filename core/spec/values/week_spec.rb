# frozen_string_literal: true

RSpec.describe Sparrow::Week do
  it "begins on the day that the studio chose, and a first day begins its own week" do
    saturday = Date.new(2026, 12, 5)
    expect(described_class.first_day(saturday, "monday")).to eq(Date.new(2026, 11, 30))
    expect(described_class.first_day(saturday, "sunday")).to eq(Date.new(2026, 11, 29))
    expect(described_class.first_day(saturday, "saturday")).to eq(saturday)
  end

  it "puts seven days in a row into each week, over the end of a year too" do
    described_class::STARTS.each_key do |start|
      weeks = (Date.new(2026, 12, 1)..Date.new(2027, 1, 31)).group_by { |day| described_class.first_day(day, start) }.values
      expect(weeks[1..-2].map(&:size).uniq).to eq([7])
      expect(weeks[1..-2].map { |days| days.first.wday }.uniq).to eq([described_class::STARTS.fetch(start)])
    end
  end

  it "refuses a day on which no week begins" do
    expect { described_class.first_day(Date.new(2026, 12, 5), "tuesday") }.to raise_error(KeyError)
  end
end
