# frozen_string_literal: true

require "json_schemer"

# The published schema and the reader say the same, or one of them is wrong.
RSpec.describe "The published workout schema" do
  schema_path = File.join(Sparrow::ROOT, "..", "docs", "formats", "workout.schema.json")
  let(:schema) { JSONSchemer.schema(Pathname(schema_path)) }
  let(:document) do
    workout_document(
      intervals([station("s1", levels: {"beginner" => {"tempo" => "2-0-1-0", "reps" => {"min" => 4, "max" => 8}}}), station("s2", sides: "split")],
        rounds_by_level: {"beginner" => 1}, round_rest_s: 60, escalate: false, switch_s: 2, flow: "together", scaling: "share",
        shares: {"beginner" => 50}, set_aside: {"cap_s" => 60}), pause, *others,
      house: {"pace" => {"beginner" => 1.2}, "reserve" => 2, "fill" => 90, "ranges" => {"beginner" => {"min" => 5, "max" => 9}}, "lowering_s" => {"advanced" => 2}},
      slot_minutes: 45, depth: "parallel", head_count: 12
    )
  end

  # A block of each other format, with the keys that are its own.
  let(:others) do
    ladder = station("l").tap { |held| held["levels"].each_value { |input| input.delete("reps") } }.merge("ladder" => {"total" => 20, "shape" => "flat", "step" => 2}, "in_rounds" => [1, 2])
    day = station("q").tap { |held| held["levels"].each_value { |input| input.delete("reps") and input["quota"] = {"min" => 20, "max" => 30} } }
    sets = station("c", set_aside: {"in_rounds" => [1]}).tap { |held| held["levels"]["advanced"].merge!("reps" => 10, "splits" => [6, 4], "set_aside" => {"quota" => {"min" => 1, "max" => 2}}) }
    {"rounds" => {"rounds" => 2, "gate" => "round", "cap_s" => 300, "target_s" => 200, "stations" => [station("r")]},
     "amrap" => {"cap_s" => 300, "stations" => [station("a", scaling: "tempo")]}, "chipper" => {"set_rest_s" => 10, "gate" => "free", "stations" => [sets]},
     "ladder" => {"rounds" => 2, "stations" => [ladder]}, "every_minute" => {"rounds" => 2, "interval_s" => 60, "stations" => [station("e")]},
     "quota" => {"day" => "lighter", "stations" => [day]}}.map { |format, keys| {"id" => format, "role" => "main", "format" => format, **keys} }
  end

  strange_values = [nil, -1, 0, 1, 51, 3.0, 1.5, 10**9, "", "both", "x" * 1001, true, [], {}, "0-0-0-0", [1, 1], {"min" => 1}].freeze

  def shape_takes?(candidate)
    Sparrow::Schema.read(Sparrow::Plan::Form::WORKOUT, candidate)
    true
  rescue Sparrow::Refused
    false
  end

  def without_nulls(value)
    case value
    when Hash then value.compact.transform_values { |held| without_nulls(held) }
    when Array then value.map { |held| without_nulls(held) }
    else value
    end
  end

  # Every place in the document, as a list of keys.
  def places(value, at = [])
    inner = case value
    when Hash then value.flat_map { |key, held| places(held, at + [key]) }
    when Array then value.each_with_index.flat_map { |held, index| places(held, at + [index]) }
    else []
    end
    [at, *inner]
  end

  def changed_at(keys)
    candidate = copy(document)
    holder = candidate.dig(*keys[..-2]) if keys.size > 1
    yield(holder || candidate, keys.last)
    candidate
  end

  it "is up to date (bin/describe writes it)" do
    expect(File.read(schema_path)).to eq(Sparrow::Published.workout_schema)
  end

  it "stands in the API's description as it is now (bin/describe writes it)" do
    description = File.read(File.join(Sparrow::ROOT, "..", "docs", "openapi.yaml"))
    expect(description).to eq(Sparrow::Published.openapi(description))
    expect(description).to include("    Block:\n      type: object")
  end

  it "has its lists in the front end as they are now (bin/describe writes them)" do
    expect(File.read(File.join(Sparrow::ROOT, "..", "web", "src", "lib", "api", "vocabulary.ts"))).to eq(Sparrow::Published.vocabulary)
    expect(Sparrow::Catalogue::Vocabulary.to_h.values).to all(be_an(Array).and(be_any))
    expect(Sparrow::Catalogue::Vocabulary.to_h).to include("pattern" => Sparrow::Catalogue::Movement::PATTERNS, "joints" => Sparrow::Catalogue::Variation::JOINTS,
      "strains" => Sparrow::Catalogue::Variation::STRAINS, "plane" => Sparrow::Catalogue::Movement::PLANES)
  end

  it "is itself a sound JSON Schema of 2020-12" do
    expect(JSONSchemer.draft202012.valid?(JSON.parse(File.read(schema_path)))).to be(true)
  end

  # A part of the places, others with each seed.
  def some_places
    all = places(document).reject(&:empty?)
    all.sample(Thoroughness.of(all.size, by_day: 8), random: Random.new(RSpec.configuration.seed))
  end

  it "takes and refuses what the reader takes and refuses, whatever is put anywhere" do
    disagreements = some_places.flat_map do |keys|
      strange_values.filter_map do |strange|
        candidate = changed_at(keys) { |holder, key| holder[key] = strange }
        [keys, strange] if schema.valid?(without_nulls(candidate)) != shape_takes?(candidate)
      end
    end
    expect(disagreements).to eq([])
  end

  it "agrees when a key is taken away or added" do
    disagreements = some_places.filter_map do |keys|
      less = changed_at(keys) { |holder, key| holder.is_a?(Hash) ? holder.delete(key) : holder.delete_at(key) }
      more = changed_at(keys) { |holder, key| holder[key]["surprise"] = 1 if holder[key].is_a?(Hash) }
      keys if [less, more].any? { |candidate| schema.valid?(without_nulls(candidate)) != shape_takes?(candidate) }
    end
    expect(disagreements).to eq([])
  end
end
