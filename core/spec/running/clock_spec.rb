# frozen_string_literal: true

RSpec.describe Sparrow::Running::Clock do
  def events(list)
    list.map { |held| Sparrow::Running::Event.read(held) }
  end

  def shown(list, at_ms)
    clock = described_class.new(events(list))
    {"second" => clock.second(at_ms).round(6), "started" => clock.started?, "paused" => clock.paused?, "ended" => clock.ended?, "additions" => clock.additions,
     "passed" => clock.passages(at_ms).map { |passage| [passage.from_s.round(6), passage.until_s.round(6)] }}
  end

  JSON.parse(File.read(File.join(__dir__, "cases.json"))).each do |held|
    it held["name"] do
      expect(shown(held["events"], held["at_ms"])).to eq(held["expect"])
    end
  end

  # What a device may send, at any second.
  def random_event(random, index)
    kind = (Sparrow::Running::Event::KINDS - %w[taken_back]).sample(random: random)
    held = {"id" => format("00000000-0000-4000-8000-%012d", index), "kind" => kind, "at_ms" => 1_700_000_000_000 + random.rand(0..600) * 500}
    held["at_s"] = random.rand(0..300).to_f if %w[moved through held extended].include?(kind)
    held["add_s"] = random.rand(1..60) if kind == "extended"
    held
  end

  it "is the same on every device, in whatever order and however often events arrived" do
    random = Random.new(20_261_128)
    Thoroughness.of(300).times do
      list = Array.new(random.rand(1..14)) { |index| random_event(random, index) }
      list << {"id" => "00000000-0000-4000-8000-000000000099", "kind" => "taken_back", "at_ms" => list.first["at_ms"], "of" => list.sample(random: random)["id"]} if random.rand < 0.4
      states = Array.new(4) { shown([*list, *list.sample(2, random: random)].shuffle(random: random), 1_700_000_400_000) }
      expect(states.uniq.size).to eq(1)
    end
  end

  it "never passes backwards, nor before the start" do
    random = Random.new(7)
    Thoroughness.of(300).times do
      shown(Array.new(random.rand(1..14)) { |index| random_event(random, index) }, 1_700_000_400_000)["passed"].each { |from, to| expect([from, to - from]).to all(be >= 0) }
    end
  end
end
