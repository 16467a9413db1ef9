# frozen_string_literal: true

RSpec.describe Sparrow::Plan::Reformat do
  formats = Sparrow::Plan::Format.with_stations.map(&:id)
  blocks = {
    "intervals" => {"work_s" => [45, 35], "rest_s" => {"min" => 15, "max" => 25}, "rest_ratio" => 0.5, "rounds" => 2, "round_rest_s" => 50, "switch_s" => 3, "flow" => "together", "rest_after_last" => true,
                    "rounds_by_level" => {"beginner" => 1}, "escalate" => false},
    "every_minute" => {"interval_s" => 75, "rounds" => 4, "escalate" => true},
    "rounds" => {"rounds" => 3, "gate" => "station", "cap_s" => 600, "target_s" => 500, "rest_s" => 5, "round_rest_s" => 30},
    "amrap" => {"cap_s" => 840},
    "chipper" => {"gate" => "station", "cap_s" => 900, "target_s" => 800, "set_rest_s" => 15},
    "ladder" => {"rounds" => 4, "gate" => "round", "cap_s" => 700, "round_rest_s" => 40},
    "quota" => {"day" => "lighter"}
  }
  # Of a format that is not listed, something in each of its fields.
  sample = ->(field) { {"seconds" => 45, "count" => 3, "flag" => true, "by_level" => {"beginner" => 1}, "choice" => field.choices&.last}.fetch(field.kind) }
  blocks.default_proc = ->(known, id) { known[id] = Sparrow::Plan::Format.named(id).fields.to_h { |field| [field.key, sample.call(field)] }.except("get_ready_s") }

  # One block of a format with everything typed in it that the format knows.
  def typed(format, keys)
    levels = Sparrow::Catalogue.house.movement("squat").opening_prescriptions.transform_values { |input| input.merge("reps" => 12, "tempo" => "3-0-1-0") }
    station = {"id" => "s", "movement" => "squat", "note" => "slow", "levels" => levels}
    case format
    when "chipper" then levels.each_value { |input| input["splits"] = [7, 5] }
    when "quota" then levels.each_value { |input| input.delete("reps") and input["quota"] = {"min" => 30, "max" => 50} }
    when "ladder" then station["ladder"] = {"total" => 40, "shape" => "ascending"} and levels.each_value { |input| input.delete("reps") }
    when "intervals"
      station.merge!("in_rounds" => [1], "work_s" => [50, 40], "rest_ratio" => 1.5)
      levels["beginner"].merge!("work_s" => [30, 20], "rest_s" => {"min" => 20, "max" => 30})
    else station["in_rounds"] = [1] unless format == "amrap"
    end
    {"id" => "b", "role" => "main", "format" => format, "title" => "Locks", "get_ready_s" => 10, "scaling" => "share", **keys, "stations" => [station]}
  end

  formats.product(formats).reject { |from, to| from == to }.each do |from, to|
    it "goes from #{from} to #{to} and back without losing anything that was typed" do
      block = typed(from, blocks[from])
      expect(refusal_of(workout_document(block))).to eq({})
      there = described_class.call(block, to)
      expect(refusal_of(workout_document(there))).to eq({}), there.inspect
      expect(there).to include("format" => to, "title" => "Locks", "scaling" => "share")
      back = described_class.call(there, from)
      expect(refusal_of(workout_document(back))).to eq({})
      expect(back).to include(block.except("stations"))
      station = block["stations"].first
      expect(back["stations"].first).to include(station.except("levels"))
      Sparrow::Level::ALL.each { |level| expect(back["stations"].first["levels"][level]).to include(station["levels"][level]) }
    end
  end

  it "makes a ladder's total of a range's upper end: falling where the rounds have room for it, flat where they have not, none beyond what a total may be" do
    ladder = lambda do |reps, rounds|
      levels = Sparrow::Catalogue.house.movement("squat").opening_prescriptions.transform_values { |input| input.merge("reps" => reps) }
      described_class.call({"id" => "b", "role" => "main", "format" => "rounds", "rounds" => rounds, "stations" => [{"id" => "s", "movement" => "squat", "levels" => levels}]}, "ladder")["stations"].first["ladder"]
    end
    expect(ladder.call({"min" => 8, "max" => 12}, 3)).to eq("total" => 36, "shape" => "descending")
    expect(ladder.call(1, 4)).to eq("total" => 4, "shape" => "flat")
    expect(ladder.call(900, 4)).to be_nil
  end

  formats.product(formats).reject { |from, to| from == to }.each do |from, to|
    it "does with each key of #{from} what the table says of #{to}" do
      block = typed(from, blocks[from])
      there = described_class.call(block, to)
      fates = described_class.fates(from, to)
      told = fates.values.flatten
      expect(told).to match_array(told.uniq)
      block.except("stations").slice(*Sparrow::Plan::Format.named(from).block_shapes.keys).each do |key, value|
        expect(there[key]).to eq(value), key if fates["kept"].include?(key)
        expect(there.dig("set_aside", key)).to eq(value), key if fates["set_aside"].include?(key)
        expect(told).to include(key)
      end
      station = block["stations"].first
      moved = there["stations"].first
      %w[in_rounds ladder].each { |key| expect(moved.dig("set_aside", key)).to eq(station[key]), key if station[key] && fates["set_aside"].include?(key) }
      held = station["levels"]["advanced"]
      %w[splits quota].each { |key| expect(moved.dig("levels", "advanced", "set_aside", key)).to eq(held[key]), key if held[key] && fates["set_aside"].include?(key) }
    end
  end

  it "keeps what was typed through any walk of formats" do
    block = typed("intervals", blocks.fetch("intervals"))
    walked = formats.shuffle(random: Random.new(7)).reduce(block) { |held, format| described_class.call(held, format) }
    expect(described_class.call(walked, "intervals")).to include(block.except("stations"))
  end

  it "makes a number a round into a total over the rounds" do
    ladder = described_class.call(typed("rounds", blocks["rounds"].merge("rounds" => 4)).tap { |block| block["stations"].first.delete("in_rounds") }, "ladder")
    expect(ladder["stations"].first["ladder"]).to eq("total" => 48, "shape" => "descending")
  end

  it "does not stumble over what is half typed" do
    broken = {"id" => "b", "role" => "main", "format" => "rounds", "rounds" => "", "stations" => [{"id" => "s", "movement" => "squat", "levels" => {"advanced" => {"reps" => "x"}}}]}
    formats.each { |format| expect(described_class.call(broken, format)["format"]).to eq(format) }
  end

  it "is told in docs/formats/changing-formats.md as it is" do
    told = File.read(File.join(Sparrow::ROOT, "..", "docs", "formats", "changing-formats.md"))
    expect(told).to include(described_class.table)
  end

  it "leaves a block alone that is in the format already" do
    block = typed("rounds", blocks.fetch("rounds"))
    expect(described_class.call(block, "rounds")).to equal(block)
  end

  it "makes an empty block of one that has no stations yet" do
    expect(described_class.call({"id" => "b", "role" => "main", "format" => "rounds"}, "intervals")).to include("format" => "intervals", "stations" => [])
  end

  it "refuses what is no block with stations, whatever it holds instead" do
    [nil, [], {}, {"format" => "nonsense"}, {"format" => "pause"}, {"format" => "rounds", "stations" => "many"}, {"format" => "rounds", "stations" => [1]},
      {"format" => "rounds", "set_aside" => 1}, {"format" => "rounds", "stations" => [{"levels" => {"advanced" => 1}}]}, {"format" => "rounds", "stations" => [{"ladder" => 5}]},
      {"format" => "rounds", "stations" => [{"levels" => {"advanced" => {"set_aside" => []}}}]}].each do |block|
      expect { described_class.call(block, "intervals") }.to raise_error(Sparrow::Refused, /must be a block with stations/), block.inspect
    end
  end
end
