# frozen_string_literal: true

RSpec.describe Sparrow::People::Limits::Form do
  let(:today) { Date.new(2026, 11, 24) }
  let(:no) { Sparrow::People::Screening.questions.to_h { |question| [question["id"], false] } }

  def validation_errors(health)
    described_class.validation_errors(health, today: today).to_h { |problem| [problem.pointer, problem.message] }
  end

  it "finds nothing wrong with nothing, nor with what is sound" do
    expect(validation_errors({})).to eq({})
    expect(validation_errors({"limits" => [{"kind" => "knee", "severity" => "avoid", "from" => "2026-11-01", "until" => "2026-11-01"}]})).to eq({})
    expect(validation_errors({"screening" => {"answers" => no, "answered_on" => "2026-11-24", "cleared_on" => "2026-11-24"}})).to eq({})
  end

  it "names each limit that ends before it begins" do
    limits = [{"kind" => "knee", "severity" => "avoid", "from" => "2026-11-02", "until" => "2026-11-01"}, {"kind" => "hip", "severity" => "avoid"},
      {"kind" => "wrist", "severity" => "gently", "from" => "2027-01-01", "until" => "2026-12-31"}]
    expect(validation_errors({"limits" => limits}).keys).to eq(["/limits/0/until", "/limits/2/until"])
  end

  it "wants to know when questions were answered, and nothing from tomorrow" do
    expect(validation_errors({"screening" => {"answers" => no}})).to eq("/screening/answered_on" => "is missing: say when the questions were answered")
    expect(validation_errors({"screening" => {"answers" => no, "answered_on" => "2026-11-25"}}).keys).to eq(["/screening/answered_on"])
    expect(validation_errors({"screening" => {"answers" => no, "answered_on" => "2026-11-20", "cleared_on" => "2026-12-01"}}).keys).to eq(["/screening/cleared_on"])
    expect(validation_errors({"screening" => {"answers" => no, "answered_on" => "2026-11-20", "cleared_on" => "2026-11-19"}})).to eq("/screening/cleared_on" => "is before the answers that it clears")
  end

  it "reads limits with their days, and the state of the screening" do
    found = described_class.limits_of({"limits" => [{"kind" => "knee", "side" => "left", "severity" => "gently", "from" => "2026-11-01"}]}).first
    expect([found.words, found.starts_on, found.ends_on]).to eq(["left knee, gently", Date.new(2026, 11, 1), nil])
    expect(described_class.limits_of({})).to eq([])
    expect(described_class.screening_state({})).to eq("not_asked")
    expect(described_class.screening_state({"screening" => {"answers" => no, "answered_on" => "2026-11-01"}})).to eq("clear")
  end

  describe Sparrow::Schema::Day do
    def refused(value)
      Sparrow::Schema.read(Sparrow::Schema::Record.new({"on" => described_class.new}), {"on" => value})
      nil
    rescue Sparrow::Refused => refused
      refused.problems.map(&:pointer)
    end

    it "takes a day that there is, and nothing else" do
      expect(refused("2026-02-28")).to be_nil
      expect(refused("2028-02-29")).to be_nil
      ["2026-02-29", "2026-13-01", "26-01-01", "yesterday", "1066-10-14", "3000-01-01", 20_260_101, "2026-01-01T00:00:00Z"].each { |value| expect(refused(value)).to eq(["/on"]), value.to_s }
    end
  end
end
