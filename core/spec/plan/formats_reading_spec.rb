# frozen_string_literal: true

# What a block of each format is refused for, and where it is said.
RSpec.describe "Reading a block of any format" do
  def block(format, stations = [station], **keys)
    {"id" => "b", "role" => "main", "format" => format, "stations" => stations, **keys.transform_keys(&:to_s)}
  end

  def refused(...)
    refusal_of(workout_document(block(...)))
  end

  def ladder(**ladder)
    station("s").merge("ladder" => ladder.transform_keys(&:to_s)).tap { |held| held["levels"].each_value { |input| input.delete("reps") } }
  end

  it "wants the numbers without which a format cannot be laid out" do
    expect(refused("rounds")).to eq("/blocks/0/rounds" => "is missing")
    expect(refused("amrap")).to eq("/blocks/0/cap_s" => "is missing")
    expect(refused("every_minute")).to eq("/blocks/0/rounds" => "is missing")
    expect(refused("chipper")).to eq({})
  end

  it "refuses rounds of 0 and of 1000, negative work, and 200 stations, at the field" do
    expect(refused("rounds", rounds: 0)).to eq("/blocks/0/rounds" => "must be a whole number from 1 to 50")
    expect(refused("rounds", rounds: 1000).keys).to eq(["/blocks/0/rounds"])
    expect(refused("intervals", work_s: -5, rest_s: 10, rounds: 1)).to eq("/blocks/0/work_s" => "must be a whole number from 1 to 3600 seconds")
    crowd = Array.new(200) { |index| station("s#{index}") }
    expect(refused("rounds", crowd, rounds: 1)).to eq("/blocks/0/stations" => "holds 200 stations; at most 60 fit")
  end

  it "refuses a key of another format where it stands" do
    expect(refused("amrap", cap_s: 600, rounds: 3).keys).to eq(["/blocks/0/rounds"])
    expect(refused("rounds", rounds: 3, work_s: 30).keys).to eq(["/blocks/0/work_s"])
    expect(refused("rounds", [station.merge("ladder" => {"total" => 10, "shape" => "flat"})], rounds: 2).keys).to eq(["/blocks/0/stations/0/ladder"])
    expect(refused("chipper", gate: "round").keys).to eq(["/blocks/0/gate"])
  end

  it "refuses a total that no split can meet, and says why" do
    expect(refused("ladder", [ladder(total: 51, shape: "flat", step: 2)], rounds: 3)).to eq("/blocks/0/stations/0/ladder/total" => "cannot be split so: 51 is not a multiple of 2")
    expect(refused("ladder", [ladder(total: 3, shape: "descending")], rounds: 4).values).to all(match(/leaves a round with nothing/))
    expect(refused("ladder", [ladder(total: 10, shape: "flat")], rounds: 8, scaling: "share", shares: {"beginner" => 30}).values).to all(match(/cannot be split for every level/))
  end

  it "refuses typed rounds that do not add up or are too few" do
    expect(refused("ladder", [ladder(total: 20, shape: "typed", counts: [5, 5, 5])], rounds: 3)).to eq("/blocks/0/stations/0/ladder/total" => "is 20, but the rounds add up to 15")
    expect(refused("ladder", [ladder(total: 10, shape: "typed", counts: [5, 5])], rounds: 3).values).to all(match(/name 2 rounds where the station stands in 3/))
    expect(refused("ladder", [ladder(total: 10, shape: "typed")], rounds: 2).keys).to eq(["/blocks/0/stations/0/ladder/counts"])
    expect(refused("ladder", [ladder(total: 10, shape: "flat", counts: [5, 5])], rounds: 2).keys).to eq(["/blocks/0/stations/0/ladder/counts"])
  end

  it "refuses reps beside a ladder" do
    held = ladder(total: 20, shape: "flat").tap { |input| input["levels"]["beginner"]["reps"] = 5 }
    expect(refused("ladder", [held], rounds: 2)).to eq("/blocks/0/stations/0/levels/beginner/reps" => "must be left out: the ladder gives the numbers")
  end

  it "refuses sets that do not come to their total" do
    held = station.tap { |input| input["levels"]["advanced"].merge!("reps" => 20, "splits" => [10, 5]) }
    expect(refused("chipper", [held])).to eq("/blocks/0/stations/0/levels/advanced/splits" => "add up to 15, not to 20")
    held["levels"]["advanced"].delete("reps")
    expect(refused("chipper", [held]).values).to eq(["need one number of reps to split"])
  end

  it "refuses a minimum above its maximum, of reps, holds and a day's total" do
    upside = {"min" => 9, "max" => 3}
    expect(refused("rounds", [station(levels: {"beginner" => {"reps" => upside}})], rounds: 1).keys).to eq(["/blocks/0/stations/0/levels/beginner/reps/min"])
    plank = station(movement: "plank", levels: {"beginner" => {"hold_s" => upside}})
    expect(refused("rounds", [plank], rounds: 1).keys).to eq(["/blocks/0/stations/0/levels/beginner/hold_s/min"])
    day = station.tap { |input| input["levels"].each_value { |held| held.delete("reps") and held["quota"] = upside } }
    expect(refused("quota", [day]).keys).to all(end_with("/quota/min"))
  end

  it "wants a day's total for every level" do
    expect(refused("quota").keys).to eq(Sparrow::Level::ALL.map { |level| "/blocks/0/stations/0/levels/#{level}/quota" })
  end

  it "refuses a missing level, and a compound of itself" do
    held = station.tap { |input| input["levels"].delete("advanced") }
    expect(refused("rounds", [held], rounds: 1)).to eq("/blocks/0/stations/0/levels/advanced" => "is missing: every station has all three levels")
    levels = Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 3}] }
    compound = ->(*parts) { {"id" => "s", "counting" => "compound", "parts" => parts.map { |part| {"movement" => part, "reps" => 4} }, "levels" => levels} }
    expect(refused("rounds", [compound.call("squat", "squat")], rounds: 1)["/blocks/0/stations/0/parts"]).to match(/a compound of itself/)
    expect(refused("rounds", [compound.call("squat", "plank")], rounds: 1)).to eq({})
  end

  it "lets groups rotate only on one clock and through every station" do
    clock = {work_s: 30, rest_s: 10, rounds: 2, flow: "rotate"}
    expect(refused("intervals", [station("a", in_rounds: [1]), station("b")], **clock)["/blocks/0/stations/0/in_rounds"]).to match(/must be left out where groups rotate/)
    expect(refused("intervals", [station("a", sides: "each"), station("b")], **clock)["/blocks/0/stations/0/sides"]).to match(/cannot be a window a side/)
    expect(refused("rounds", rounds: 2, flow: "rotate").keys).to eq(["/blocks/0/flow"])
  end

  it "refuses house standards that contradict themselves" do
    expect(refusal_of(workout_document(house: {"shares" => {"beginner" => 90}}))).to eq("/house/shares" => "must not fall from one level to the next")
    expect(refusal_of(workout_document(house: {"ranges" => {"beginner" => {"min" => 9, "max" => 4}}})).keys).to eq(["/house/ranges/beginner/min"])
  end
end
