# frozen_string_literal: true

RSpec.describe "Reading a workout document" do
  let(:document) { workout_document(intervals(2), pause) }

  def refused(pointer, message = nil)
    changed = copy(document)
    yield changed
    problems = refusal_of(changed)
    expect(problems.keys).to include(pointer)
    expect(problems[pointer]).to match(message) if message
  end

  def cell(changed, level = "beginner")
    changed["blocks"][0]["stations"][0]["levels"][level]
  end

  it "takes a sound document" do
    expect(refusal_of(document)).to eq({})
  end

  it "treats null as left out" do
    document["blocks"][0].merge!("round_rest_s" => nil, "title" => nil, "rounds_by_level" => nil)
    document["blocks"][0]["stations"][0].merge!("work_s" => nil, "in_rounds" => nil)
    workout = Sparrow::Circuit.read(document)
    expect(workout.blocks.first.round_rest_s).to be_nil
    expect(workout.document["blocks"][0]).not_to have_key("title")
  end

  it "reads 3.0 as 3" do
    document["blocks"][0]["rounds"] = 3.0
    expect(Sparrow::Circuit.read(document).blocks.first.rounds).to be(3)
  end

  it "refuses unknown keys wherever they are, even with null in them" do
    refused("/colour", /not a key/) { |doc| doc["colour"] = "red" }
    refused("/blocks/0/tempo") { |doc| doc["blocks"][0]["tempo"] = nil }
    refused("/blocks/0/stations/1/levels/beginner/weight~1kg") { |doc| doc["blocks"][0]["stations"][1]["levels"]["beginner"]["weight/kg"] = 1 }
  end

  it "refuses wrong types and numbers out of range, each at its field" do
    refused("/blocks/0/rounds", /1 to 50/) { |doc| doc["blocks"][0]["rounds"] = 0 }
    refused("/blocks/0/rounds") { |doc| doc["blocks"][0]["rounds"] = "3" }
    refused("/blocks/0/work_s", /1 to 3600 seconds/) { |doc| doc["blocks"][0]["work_s"] = -40 }
    refused("/blocks/0/rest_s") { |doc| doc["blocks"][0]["rest_s"] = 1.5 }
    refused("/blocks/0/escalate", /true or false/) { |doc| doc["blocks"][0]["escalate"] = "yes" }
    refused("/title", /empty/) { |doc| doc["title"] = "" }
    refused("/blocks", /list/) { |doc| doc["blocks"] = {} }
    refused("/blocks/0/stations", /at most 60/) { |doc| doc["blocks"][0]["stations"] = Array.new(61) { |index| station("s#{index}") } }
    refused("/slot_minutes") { |doc| doc["slot_minutes"] = 10**30 }
    refused("/blocks/0/stations/0/levels/beginner/tempo", /four digits/) { |doc| cell(doc)["tempo"] = "0-0-0-0" }
  end

  it "refuses a missing key, naming it" do
    refused("/blocks/0/work_s", /missing/) { |doc| doc["blocks"][0].delete("work_s") }
    refused("/format", /missing/) { |doc| doc.delete("format") }
    refused("/blocks/1/seconds", /missing/) { |doc| doc["blocks"][1].delete("seconds") }
  end

  it "refuses a format it does not know, and says only that of the block" do
    changed = copy(document)
    changed["blocks"][0]["format"] = "relay"
    expect(refusal_of(changed)).to eq("/blocks/0/format" => "must be one of #{Sparrow::Format.all.map(&:id).join(", ")}")
  end

  it "refuses a missing level and a level that is none" do
    refused("/blocks/0/stations/0/levels/advanced", /all three levels/) { |doc| doc["blocks"][0]["stations"][0]["levels"].delete("advanced") }
    refused("/blocks/0/stations/0/levels/expert") { |doc| doc["blocks"][0]["stations"][0]["levels"]["expert"] = {} }
  end

  it "refuses a missing variation, and one from another ladder" do
    refused("/blocks/0/stations/0/levels/beginner/variation", /missing/) { |doc| cell(doc).delete("variation") }
    refused("/blocks/0/stations/0/levels/beginner/variation", /not a version of Glute bridge/) { |doc| cell(doc)["variation"] = "squat.parallel" }
    refused("/blocks/0/stations/0/movement", /catalogue/) { |doc| doc["blocks"][0]["stations"][0]["movement"] = "somersault" }
  end

  it "refuses a range upside down, and a hold together with reps" do
    refused("/blocks/0/stations/0/levels/beginner/reps/min", /above/) { |doc| cell(doc)["reps"] = {"min" => 9, "max" => 4} }
    refused("/blocks/0/stations/0/levels/beginner/hold_s", /excludes/) { |doc| cell(doc)["hold_s"] = 20 }
  end

  it "refuses two blocks or two stations of one id" do
    refused("/blocks/1/id") { |doc| doc["blocks"][1]["id"] = "main" }
    refused("/blocks/0/stations/1/id") { |doc| doc["blocks"][0]["stations"][1]["id"] = "s1" }
  end

  it "refuses a switch that leaves no second side" do
    refused("/blocks/0/stations/0/levels/beginner/sides", /no second side/) do |doc|
      doc["blocks"][0]["switch_s"] = 20
      doc["blocks"][0]["stations"][0]["sides"] = "split"
    end
  end

  it "refuses half a window a side beside a whole one in one station" do
    refused("/blocks/0/stations/0/sides", /mixes/) do |doc|
      doc["blocks"][0]["stations"][0]["sides"] = "split"
      cell(doc)["sides"] = "each"
    end
  end

  it "asks compound counts for parts, and parts for a compound count" do
    refused("/blocks/0/stations/0/parts", /needed/) { |doc| doc["blocks"][0]["stations"][0]["counting"] = "compound" }
    refused("/blocks/0/stations/0/parts/0/movement") do |doc|
      doc["blocks"][0]["stations"][0].merge!("counting" => "compound", "parts" => [{"movement" => "x", "reps" => 2}])
    end
  end

  it "says everything that is wrong at once" do
    changed = copy(document)
    changed["blocks"][0].merge!("rounds" => 0, "work_s" => 0)
    changed["title"] = nil
    expect(refusal_of(changed).keys).to contain_exactly("/blocks/0/rounds", "/blocks/0/work_s", "/title")
  end

  [nil, 7, "text", [], true].each do |whole|
    it "refuses #{whole.inspect} in place of a document" do
      expect(refusal_of(whole)).to eq("" => "must be an object")
    end
  end
end
