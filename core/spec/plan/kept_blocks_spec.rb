# frozen_string_literal: true

require_relative "../support/bad_plans"

RSpec.describe Sparrow::Plan::KeptBlocks do
  subject(:kept) { described_class.new }

  let(:catalogue) { Sparrow::Catalogue.house }

  def preview(document, **rest)
    Sparrow::Preview.new(copy(document), kept: kept, **rest).to_h
  end

  # Sent again and again, as somebody would type: a random edit of a random part each time.
  def typed(document, random)
    edits = Array.new(3) { ->(block) { numbers(block, random) } }
    edits.sample(random: random).call(document["blocks"].sample(random: random))
    document["head_count"] = 8 + random.rand(3) if random.rand(6).zero?
    document["house"] = {"reserve" => 1 + random.rand(3)} if random.rand(8).zero?
    document["blocks"].rotate! if random.rand(8).zero?
  end

  # What is typed most: a number, a version, a note of one level, of which nothing moves on a timed block's clock.
  def numbers(block, random)
    station = block["stations"]&.sample(random: random) or return
    level = station["levels"].fetch(Sparrow::Level::ALL.sample(random: random))
    variation = catalogue.variation(level["variation"])
    case random.rand(3)
    when 0 then level.key?("reps") ? level["reps"] = 4 + random.rand(12) : level["hold_s"] = 10 + random.rand(3) * 5
    when 1 then level["note"] = "Note #{random.rand(3)}"
    else level["variation"] = catalogue.movement(variation.movement_id).ladder.select { |other| other.measure == variation.measure }.sample(random: random).id
    end
  end

  def every_format
    blocks = [intervals(3, rounds: 2), {"id" => "p", "role" => "pause", "format" => "pause", "seconds" => 40}]
    %w[rounds amrap every_minute].each_with_index do |format, index|
      clock = {"amrap" => {"cap_s" => 300}}.fetch(format, {"rounds" => 2})
      blocks << {"id" => "f#{index}", "role" => "main", "format" => format, "stations" => [station("a", movement: "push_up"), station("b", movement: "plank"), station("c", movement: "squat")], **clock}
    end
    workout_document(*blocks)
  end

  Thoroughness.of(60, by_day: 12).times do |seed|
    it "answers what is computed afresh, whatever is typed (#{seed})" do
      random = Random.new(seed)
      document = every_format
      40.times do
        typed(document, random)
        expect(preview(document)).to eq(Sparrow::Preview.new(copy(document)).to_h)
      end
      expect(kept.size).to be_positive
    end
  end

  # The order of a class is not looked through again at each number: it has to be where that is what is wrong.
  it "finds in bad plans what is found afresh, whatever numbers are typed" do
    random = Random.new(7)
    BadPlans.list.sample(Thoroughness.of(BadPlans.list.size, by_day: 20), random: Random.new(RSpec.configuration.seed)).each do |plan|
      document = copy(plan.bad)
      8.times do
        document["blocks"].sample(random: random)["stations"]&.sample(random: random)&.dig("levels")&.each_value { |level| level.update(level.key?("reps") ? {"reps" => 2 + random.rand(20)} : {"note" => "Note #{random.rand(3)}"}) }
        found = [kept, described_class::NONE].map { |keeping| Sparrow::Preview.new(copy(document), kept: keeping).findings.map(&:to_h) }
        expect(found.first).to eq(found.last), plan.name
      end
    end
  end

  it "does not look through the order of a class again where a number is typed, and does where a version is" do
    document = workout_document(intervals(3))
    level = document["blocks"][0]["stations"][1]["levels"]["beginner"]
    2.times { preview(document.tap { level["reps"] = 4 }) }
    level["reps"] = 5
    preview(document)
    allow(Sparrow::Review::Rules::PatternRow).to receive(:new).and_call_original
    [6, 7, 8].each { |reps| preview(document.tap { level["reps"] = reps }) }
    expect(Sparrow::Review::Rules::PatternRow).not_to have_received(:new)
    level["variation"] = "push_up.hands_60"
    preview(document)
    expect(Sparrow::Review::Rules::PatternRow).to have_received(:new).once
  end

  it "keeps what comes for the second time, and not each state of what is typed" do
    document = workout_document(intervals(2))
    preview(document)
    expect(kept.size).to eq(0)
    preview(document)
    expect(kept.size).to eq(3)
    5.times { |number| preview(document.merge("blocks" => [document["blocks"].first.merge("title" => "Typed #{number}")])) }
    # The block with its title is new each time, and so are its stations' surroundings.
    expect(kept.size).to eq(3)
  end

  it "makes what is kept once only" do
    document = workout_document(intervals(2), pause)
    2.times { preview(document) }
    expect(Sparrow::Plan::Timeline).not_to receive(:lay_out)
    described = preview(document)
    expect(described["total_s"]).to be_positive
  end

  it "takes the unchanged stations of a block that is typed in" do
    document = workout_document(intervals(3))
    2.times { preview(document) }
    before = Sparrow::Plan.read(copy(document), kept: kept).blocks.first.stations
    document["blocks"][0]["stations"][1]["note"] = "Softly"
    after = Sparrow::Plan.read(copy(document), kept: kept).blocks.first.stations
    expect(before.zip(after).map { |one, other| one.equal?(other) }).to eq([true, false, true])
  end

  it "lays out a timed block anew only where its clock has changed" do
    document = workout_document(intervals(3))
    level = document["blocks"][0]["stations"][1]["levels"]["beginner"]
    preview(document)
    allow(Sparrow::Plan::Timeline).to receive(:lay_out).and_call_original
    [5, 6, 7].each { |reps| preview(document.tap { level["reps"] = reps }) }
    expect(Sparrow::Plan::Timeline).not_to have_received(:lay_out)
    level["work_s"] = 55
    preview(document)
    expect(Sparrow::Plan::Timeline).to have_received(:lay_out).once
  end

  it "remembers no more blocks that are typed in than it says" do
    stub_const("#{described_class}::MOST_TYPED", 3)
    10.times { |number| preview(workout_document(intervals(2, work_s: 20 + number))) }
    expect(kept.typed).to eq(3)
  end

  it "lets the oldest go" do
    small = described_class.new(most: 4)
    10.times { |number| 2.times { Sparrow::Preview.new(workout_document(pause(10 + number)), kept: small) } }
    expect(small.size).to eq(4)
  end

  it "keeps languages apart" do
    document = workout_document(intervals(1))
    names = -> { Sparrow::Plan.read(copy(document), kept: kept).blocks.first }
    2.times { names.call }
    english = names.call
    allow(I18n).to receive(:locale).and_return(:other)
    expect(names.call).not_to equal(english)
    allow(I18n).to receive(:locale).and_call_original
    expect(names.call).to equal(english)
  end

  it "keeps catalogues apart" do
    document = workout_document(intervals(1))
    read = ->(with) { Sparrow::Plan.read(copy(document), catalogue: with, kept: kept).blocks.first }
    2.times { read.call(catalogue) }
    expect(read.call(Sparrow::Catalogue.new(catalogue.to_a))).not_to equal(read.call(catalogue))
  end

  it "says what is wrong, and where, beside blocks that are known" do
    document = workout_document(intervals(2), intervals(2, id: "b2"))
    2.times { preview(document) }
    document["blocks"][1]["stations"][1]["levels"]["advanced"]["variation"] = "none.such"
    document["blocks"][1]["stations"][0]["note"] = 7
    expect { preview(document) }.to raise_error(Sparrow::Refused) { |refused|
      expect(refused.problems.map(&:pointer)).to eq(%w[/blocks/1/stations/0/note])
    }
  end

  it "says which version is unknown beside stations that are known" do
    document = workout_document(intervals(2))
    2.times { preview(document) }
    document["blocks"][0]["stations"][1]["levels"]["advanced"]["variation"] = "none.such"
    expect { preview(document) }.to raise_error(Sparrow::Refused) { |refused|
      expect(refused.problems.map(&:pointer)).to eq(%w[/blocks/0/stations/1/levels/advanced/variation])
    }
  end

  it "finds two blocks of one id, known or not" do
    document = workout_document(intervals(2), pause)
    2.times { preview(document) }
    document["blocks"] << copy(document["blocks"][0])
    expect { preview(document) }.to raise_error(Sparrow::Refused) { |refused| expect(refused.problems.map(&:pointer)).to eq(%w[/blocks/2/id]) }
  end

  it "cannot be changed by whoever sent it" do
    sent = workout_document(intervals(1))
    2.times { Sparrow::Preview.new(sent, kept: kept) }
    expect { sent["blocks"][0]["stations"][0]["levels"]["beginner"]["reps"] = 99 }.to raise_error(FrozenError)
  end

  [nil, "text", {}, {"blocks" => nil}, {"blocks" => [nil, 3, {"stations" => 4}, {"stations" => [nil, []]}]}].each do |strange|
    it "refuses #{strange.inspect} as it is refused without it" do
      of = ->(**rest) { Sparrow::Plan.read(strange, **rest) rescue $!.problems } # rubocop:disable Style/RescueModifier
      expect(of.call(kept: kept)).to eq(of.call)
    end
  end

  describe "what is told to who has seen it" do
    let(:document) { workout_document(intervals(3, id: "b1", rounds: 2), intervals(3, id: "b2", rounds: 2)) }
    let(:first) { told({}) }

    def told(seen)
      Sparrow::Preview.new(copy(document), kept: kept).without_calls(seen: seen)
    end

    def tags(answer)
      (answer["blocks"] + answer["figures"]).to_h { |block| block.values_at("id", "tag") }
    end

    it "is every block at first, and none of what is as it was" do
      expect(first["blocks"].map { |block| block["id"] }).to eq(%w[b1 b2])
      again = told(tags(first))
      expect(again).to include("blocks" => [], "figures" => [], "as_seen" => %w[b1 b2])
    end

    it "is a block without its segments where a number alone has changed" do
      seen = tags(first)
      document["blocks"][0]["stations"][0]["levels"]["beginner"]["reps"] = 3
      answer = told(seen)
      expect(answer["blocks"]).to eq([])
      expect(answer["figures"].map { |block| block["id"] }).to include("b1")
      expect(answer["figures"].first["lanes"]["beginner"].keys).not_to include("segments")
    end

    it "is the numbers again of a block that is typed in, until it stays as it is" do
      seen = tags(first)
      document["blocks"][0]["stations"][0]["levels"]["beginner"]["reps"] = 3
      typed = told(seen)
      expect(tags(typed)["b1"]).to match(/\A\.\h+\z/)
      again = told(seen.merge(tags(typed)))
      expect(again).to include("blocks" => [], "as_seen" => ["b2"])
      expect(again["figures"]).to eq([typed["figures"].first.merge("tag" => tags(again)["b1"])])
      expect(told(seen.merge(tags(typed), tags(again)))["as_seen"]).to eq(%w[b1 b2])
    end

    it "is the whole block, and all after it, where it takes longer" do
      seen = tags(first)
      document["blocks"][0]["rounds"] = 3
      expect(told(seen)["blocks"].map { |block| block["id"] }).to eq(%w[b1 b2])
    end

    it "is everything to who has seen something else" do
      expect(told({"b1" => "x.y", "b2" => 4, "other" => nil})["blocks"].size).to eq(2)
    end
  end
end
