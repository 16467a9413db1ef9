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
    workout = Sparrow::Plan.read(document)
    expect(workout.blocks.first.round_rest_s).to be_nil
    expect(workout.document["blocks"][0]).not_to have_key("title")
  end

  it "reads 3.0 as 3" do
    document["blocks"][0]["rounds"] = 3.0
    expect(Sparrow::Plan.read(document).blocks.first.rounds).to be(3)
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
    refused("/blocks/0/stations/0/levels/beginner/tempo", /four numbers/) { |doc| cell(doc)["tempo"] = "0-0-0-0" }
  end

  it "refuses a missing key, naming it" do
    refused("/blocks/0/work_s", /missing/) { |doc| doc["blocks"][0].delete("work_s") }
    refused("/format", /missing/) { |doc| doc.delete("format") }
    refused("/blocks/1/seconds", /missing/) { |doc| doc["blocks"][1].delete("seconds") }
  end

  it "refuses a format it does not know, and says only that of the block" do
    changed = copy(document)
    changed["blocks"][0]["format"] = "relay"
    expect(refusal_of(changed)).to eq("/blocks/0/format" => "must be one of #{Sparrow::Plan::Format.all.map(&:id).join(", ")}")
  end

  it "refuses a missing level and a level that is none" do
    refused("/blocks/0/stations/0/levels/advanced", /all three levels/) { |doc| doc["blocks"][0]["stations"][0]["levels"].delete("advanced") }
    refused("/blocks/0/stations/0/levels/expert") { |doc| doc["blocks"][0]["stations"][0]["levels"]["expert"] = {} }
  end

  it "refuses a missing variation, and one that the catalogue has not" do
    refused("/blocks/0/stations/0/levels/beginner/variation", /missing/) { |doc| cell(doc).delete("variation") }
    refused("/blocks/0/stations/0/levels/beginner/variation", /not a version in the catalogue; Glute bridge has/) { |doc| cell(doc)["variation"] = "squat.of_nobody" }
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

  describe "a station" do
    def station_refused(pointer, message, **keys, &block)
      refused("/blocks/0/stations/0#{pointer}", message) do |changed|
        changed["blocks"][0]["stations"][0].merge!(keys.transform_keys(&:to_s))
        block&.call(changed)
      end
    end

    let(:parts) { [{"movement" => "push_up", "reps" => 2}, {"movement" => "squat", "reps" => 2}] }

    it "needs a movement, and one that the catalogue has" do
      refused("/blocks/0/stations/0/movement", "is missing") { |changed| changed["blocks"][0]["stations"][0].delete("movement") }
      station_refused("/movement", "is not a movement in the catalogue", movement: "nonsense")
    end

    it "is a set of parts only where it is counted as one, without a movement of its own" do
      station_refused("/parts", "are needed for a compound count", counting: "compound")
      station_refused("/counting", "must be compound where parts are given", parts: parts)
      station_refused("/movement", "must be left out where parts are given", counting: "compound", parts: parts)
      station_refused("/parts", "at least two different movements", movement: nil, counting: "compound", parts: [parts.first, parts.first])
      station_refused("/parts/1/movement", "is not a movement in the catalogue", movement: nil, counting: "compound", parts: [parts.first, {"movement" => "nonsense", "reps" => 1}])
    end

    it "has levels that count as it does" do
      station_refused("/levels/beginner/counting", "only where the station has parts") { |changed| cell(changed)["counting"] = "compound" }
      station_refused("/levels/beginner/counting", "must be compound, as its station's is", movement: nil, counting: "compound", parts: parts) do |changed|
        changed["blocks"][0]["stations"][0]["levels"].each_value { |level| level.delete("variation") }
        cell(changed)["counting"] = "each"
      end
    end

    it "has levels with a number or a hold, and ranges the right way round" do
      station_refused("/levels/beginner/hold_s", "excludes reps") { |changed| cell(changed).merge!("reps" => 5, "hold_s" => 20) }
      station_refused("/levels/beginner/reps/min", "is above the maximum") { |changed| cell(changed)["reps"] = {"min" => 9, "max" => 5} }
    end

    it "does not mix half a window a side with a whole one" do
      station_refused("/sides", "mixes split and each", sides: "split") { |changed| cell(changed)["sides"] = "each" }
    end
  end

  describe "a ladder" do
    let(:document) do
      levels = Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel"}] }
      workout_document({"id" => "l", "role" => "main", "format" => "ladder", "rounds" => 3, "stations" => [{"id" => "s", "movement" => "squat", "ladder" => {"total" => 18, "shape" => "typed", "counts" => [9, 6, 3]}, "levels" => levels}]})
    end

    def ladder(changed)
      changed["blocks"][0]["stations"][0]["ladder"]
    end

    it "names a number for each of its rounds, which add up to the total" do
      expect(refusal_of(document)).to eq({})
      at = "/blocks/0/stations/0/ladder"
      refused("#{at}/counts", "are needed for a typed ladder") { |changed| ladder(changed).delete("counts") }
      refused("#{at}/counts", "name 2 rounds where the station stands in 3") { |changed| ladder(changed)["counts"] = [9, 9] }
      refused("#{at}/total", "is 18, but the rounds add up to 19") { |changed| ladder(changed)["counts"] = [10, 6, 3] }
      refused("#{at}/counts", "belong to a typed ladder only") { |changed| ladder(changed)["shape"] = "flat" }
      refused("#{at}/total", "cannot be split so") { |changed| ladder(changed).merge!("shape" => "flat", "total" => 2).delete("counts") }
    end

    it "gives the numbers itself, and stands in a round that there is" do
      refused("/blocks/0/stations/0/levels/beginner/reps", "the ladder gives the numbers") { |changed| cell(changed)["reps"] = 5 }
      refused("/blocks/0/stations/0/in_rounds", "leaves this station no round of the 3") { |changed| changed["blocks"][0]["stations"][0]["in_rounds"] = [7] }
    end
  end
end
