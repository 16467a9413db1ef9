# frozen_string_literal: true

RSpec.describe Sparrow::Schema do
  def problems_of(shape, value)
    described_class.read(shape, value)
    {}
  rescue Sparrow::Refused => refused
    refused.problems.to_h { |problem| [problem.pointer, problem.message] }
  end

  let(:seconds) { described_class::IntegerType.new(0..60, "seconds") }

  describe "a whole number" do
    it "is taken as it is, and 3.0 as 3" do
      expect(described_class.read(seconds, 0)).to eq(0)
      expect(described_class.read(seconds, 60.0)).to be(60)
    end

    [61, -1, 1.5, "7", nil, true, Float::INFINITY, Float::NAN, [], {}].each do |value|
      it "is not #{value.inspect}" do
        expect(problems_of(seconds, value)).to eq("" => "must be a whole number from 0 to 60 seconds")
      end
    end
  end

  describe "a number" do
    let(:pace) { described_class::Decimal.new(0.5..3) }

    it "may have a fraction" do
      expect(described_class.read(pace, 0.75)).to eq(0.75)
      expect(problems_of(pace, 3.1)).to eq("" => "must be a number from 0.5 to 3")
      expect(problems_of(pace, "1")).not_to be_empty
    end
  end

  describe "text" do
    let(:id) { described_class::Text.new(length: 1..4, form: /\A[a-z]+\z/, says: "is not an id") }

    it "has a length and a form, each with its own message" do
      expect(described_class.read(id, "weir")).to eq("weir")
      expect(problems_of(id, "").values).to eq(["must not be empty"])
      expect(problems_of(id, "weirs").values).to eq(["must be at most 4 characters"])
      expect(problems_of(id, "W").values).to eq(["is not an id"])
      expect(problems_of(id, 7).values).to eq(["must be text"])
    end

    it "never holds a null character, which the database cannot keep" do
      expect(problems_of(described_class::Text.new, "a\u0000b").values).to eq(["must not contain a null character"])
    end
  end

  describe "a record" do
    let(:record) { described_class::Record.new({"work" => seconds, "note" => described_class::Text.new}, required: %w[work]) }

    it "drops nulls and keeps the rest" do
      expect(described_class.read(record, "work" => 5, "note" => nil)).to eq("work" => 5)
    end

    it "names what is missing, what is unknown and what is wrong, all at once" do
      expect(problems_of(record, "note" => 1, "a/b~c" => 2)).to eq(
        "/note" => "must be text", "/a~1b~0c" => "is not a key that belongs here", "/work" => "is missing"
      )
    end

    it "takes null for missing where it is needed" do
      expect(problems_of(record, "work" => nil)).to eq("/work" => "is missing")
    end
  end

  describe "a list" do
    let(:list) { described_class::List.new(seconds, size: 1..3, distinct: true, noun: "rounds") }

    it "reads each of its entries in its place" do
      expect(problems_of(list, [1, "x", 99]).keys).to eq(%w[/1 /2])
    end

    it "has a size, and no entry twice where they must differ" do
      expect(problems_of(list, []).values).to eq(["must hold at least 1 of its rounds"])
      expect(problems_of(list, [1, 2, 3, 4]).values).to eq(["holds 4 rounds; at most 3 fit"])
      expect(problems_of(list, [1, 1]).values).to eq(["must not name the same entry twice"])
      expect(problems_of(list, "1").values).to eq(["must be a list"])
    end
  end

  it "chooses a shape by the value" do
    either = described_class::Either.new(seconds, object: described_class::Record.new({"min" => seconds}), list: described_class::List.new(seconds, size: 2..3))
    expect(described_class.read(either, 5)).to eq(5)
    expect(problems_of(either, "min" => 99).keys).to eq(["/min"])
    expect(described_class.read(either, [5, 6])).to eq([5, 6])
    expect(problems_of(either, [5]).keys).to eq([""])
  end

  it "takes a flag, and one of a few values" do
    expect(described_class.read(described_class::BooleanType.new, false)).to be(false)
    expect(problems_of(described_class::BooleanType.new, 0).values).to eq(["must be true or false"])
    expect(problems_of(described_class::OneOf.new("a", "b"), "c").values).to eq(["must be one of a, b"])
    expect(problems_of(described_class::OneOf.new(1), 2).values).to eq(["must be 1"])
    expect(problems_of(described_class::OneOf.new(*1..500, example: 7), 0).values).to eq(["must be one of the 500 that are known, such as 7"])
  end

  it "lets anything through where somebody else reads it" do
    expect(described_class.read(described_class::AnyType.new, {"x" => [nil]})).to eq("x" => [nil])
  end

  describe "an object that may hold anything" do
    it "is taken as it is, and is an object all the same" do
      shape = described_class::AnyObject.new
      expect(described_class.read(shape, {"a" => [1, {"b" => nil}]})).to eq({"a" => [1, {"b" => nil}]})
      [[], "a", 1, true].each { |value| expect(problems_of(shape, value)).to eq("" => "must be an object") }
    end
  end

  describe "a record" do
    shape = Sparrow::Schema::Record.new({"level" => Sparrow::Schema::Text.new, "how" => Sparrow::Schema::AnyType.new("Block"), "what" => Sparrow::Schema::AnyType.new},
      required: %w[level], about: {"level" => "Whose rounds."}, formerly: {"lane" => "level"})

    it "takes a key by its name of before" do
      expect(Sparrow::Schema.read(shape, {"lane" => "beginner"})).to eq("level" => "beginner")
      expect { Sparrow::Schema.read(shape, {"lane" => 4}) }.to raise_error(Sparrow::Refused) { |refused| expect(refused.problems.map(&:pointer)).to eq(%w[/level]) }
    end

    it "describes its keys, and leaves to others what others describe" do
      described = shape.json_schema(Sparrow::Schema::JsonSchema.new({}))["properties"]
      expect(described["level"]).to include("description" => "Whose rounds.", "type" => "string")
      expect(described.values_at("how", "what")).to eq([{"$ref" => "#/components/schemas/Block"}, {}])
      expect([shape.optional?("how"), shape.optional?("level")]).to eq([true, false])
    end
  end
end
