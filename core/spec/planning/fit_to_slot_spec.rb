# frozen_string_literal: true

RSpec.describe Sparrow::Planning::FitToSlot do
  def options(document, minutes)
    described_class.new(Sparrow::Plan.read(document), minutes: minutes).call.fetch("options")
  end

  let(:document) { workout_document(intervals(4, rounds: 3, round_rest_s: 60), slot_minutes: 45) }

  it "offers ways that come under the slot, and says what each comes to" do
    [30, 45, 60].each do |minutes|
      found = options(document, minutes)
      expect(found).not_to be_empty
      found.each do |option|
        changed = Sparrow::Pointer.put(document, option["patch"].map { |step| step.values_at("path", "value") })
        expect(Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(changed)).total_s).to eq(option["total_s"])
        expect(option["total_s"]).to be <= minutes * 60
        expect(option["left_s"]).to eq(minutes * 60 - option["total_s"])
        expect(changed["slot_minutes"]).to eq(minutes)
      end
    end
  end

  it "offers different ways, the nearest first where they change as much" do
    found = options(document, 20)
    expect(found.map { |option| option["label"] }.uniq.size).to eq(found.size)
    expect(found.size).to be_between(2, 5)
  end

  it "says what each does to the work, and offers neither nine rounds nor half of the work" do
    [20, 30, 45, 90].each do |minutes|
      options(document, minutes).each do |option|
        expect(option["costs"]).to match(/\A(the same work|\d+ % (more|less) work)\z/)
        expect(option["costs"][/\A(\d+) % less/, 1].to_i).to be <= 34
        expect(option["patch"].find { |step| step["path"].end_with?("/rounds") }&.fetch("value").to_i).to be <= 6
      end
    end
  end

  it "offers the cap of a block that only its cap ends" do
    amrap = {"id" => "a", "role" => "main", "format" => "amrap", "cap_s" => 900, "stations" => [station]}
    expect(options(workout_document(amrap), 12).map { |option| option["label"] }).to include(/cap at 12:00/)
  end

  it "offers nothing where nothing can be changed" do
    expect(options(workout_document(pause(600)), 30)).to eq([])
  end
end
