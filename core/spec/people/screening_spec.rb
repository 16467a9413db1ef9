# frozen_string_literal: true

RSpec.describe Sparrow::People::Screening do
  let(:day) { Date.new(2026, 11, 1) }
  let(:no) { described_class.questions.to_h { |question| [question["id"], false] } }

  it "is not asked until every question is answered" do
    expect(described_class.state({}, answered_on: day)).to eq("not_asked")
    expect(described_class.state(no.except("heart"), answered_on: day)).to eq("not_asked")
    expect(described_class.state(no, answered_on: nil)).to eq("not_asked")
  end

  it "is clear where every answer is no" do
    expect(described_class.state(no, answered_on: day)).to eq("clear")
  end

  it "sends an open yes to the instructor until a professional has cleared it, on that day or later" do
    yes = no.merge("heart" => true)
    expect(described_class.state(yes, answered_on: day)).to eq("see_instructor")
    expect(described_class.state(yes, answered_on: day, cleared_on: day - 1)).to eq("see_instructor")
    expect(described_class.state(yes, answered_on: day, cleared_on: day)).to eq("cleared")
  end
end
