# frozen_string_literal: true

# Cases in which the fit was once wrong, each as it was found.
RSpec.describe "The fit" do
  def all_of(movement, variation, id: "s", **keys)
    station(id, movement: movement, levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => variation, **keys.transform_keys(&:to_s)}] })
  end

  def quota(movement, variation)
    {"id" => "main", "role" => "main", "format" => "quota", "stations" => [all_of(movement, variation, reps: nil, quota: {"min" => 40, "max" => 60})]}
  end

  it "spares joints and positions in a day's total too" do
    squat = cell_of(person(limits: [limit("knee")]), quota("squat", "squat.pause"))
    expect(squat.option.joints).not_to include("knee")
    floor = Sparrow::People::Presets::ALL.find { |preset| preset.id == "pregnant" }.kinds.map { |kind| limit(kind) }
    pushed = cell_of(person(limits: floor), quota("push_up", "push_up.floor"))
    expect(floor.none? { |held| held.rules_out?(pushed.option.variation) }).to be(true)
  end

  it "takes what the station itself says for a joint, where it holds and spares all else" do
    block = intervals([all_of("push_up", "push_up.floor", reps: 8).merge("alternatives" => [{"for" => "wrist", "variation" => "plank.forearm"}])])
    expect(cell_of(person(limits: [limit("wrist")]), block)).to have_attributes(option: have_attributes(variation: have_attributes(id: "plank.forearm")), reason: start_with("Instead of Floor push-up: spares: wrist"))
    expect(cell_of(person, block).option.variation.id).to eq("push_up.floor")
    spared = cell_of(person(limits: [limit("wrist"), limit("not_face_down")]), block).option
    expect(spared&.variation&.id).not_to eq("plank.forearm")
  end

  it "gives a newcomer no hard landings in a day's total, and nobody what is not in the room" do
    expect(cell_of(person(level: "advanced", newcomer: true), quota("squat", "squat.jump")).option.variation.impact).not_to eq("high")
    raised = cell_of(person(level: "advanced"), quota("push_up", "push_up.feet_30"), kit: {"mat" => 5})
    expect(raised.option.equipment).not_to include("step")
  end

  it "lowers work that is kept up for a time where people set the pace, though no window says for how long" do
    amrap = {"id" => "main", "role" => "main", "format" => "amrap", "cap_s" => 600, "stations" => [station("k", movement: "front_kick"), station("m", movement: "high_knees")]}
    rounds = {"id" => "main", "role" => "main", "format" => "rounds", "rounds" => 4, "stations" => [station("k", movement: "front_kick"), station("m", movement: "high_knees")]}
    people = [person("a", level: "advanced", limits: [limit("hip")]), person("b", level: "advanced", measured: {"high_knees.quick_march" => 20})]
    [amrap, rounds].each do |block|
      cells = people.flat_map { |somebody| fit(people, block).cells(somebody.id) }
      expect(cells.map(&:target)).to all(match(/\d|sit out/))
    end
  end

  it "leaves nobody without where an alternative without the piece is there" do
    people = Array.new(6) { |index| person("p#{index}", measured: {"lunge_back.free" => 20}) }
    sheet = fit(people, intervals([all_of("step_up", "step_up.mid", reps: 8), station("b", movement: "side_lunge")], work_s: 60), kit: {"step" => 2})
    cells = people.map { |somebody| sheet.cells(somebody.id).first }
    expect(cells.map { |cell| cell.assigned.kind }.tally).to eq("fits" => 2, "kit" => 4)
    expect(cells.map { |cell| cell.assigned.kind }).not_to include("sit_out")
  end

  it "moves nobody a second time while another could be moved, and lets another choose first on another day" do
    people = Array.new(4) { |index| person("p#{index}", measured: {"lunge_back.free" => 20}) }
    block = intervals(Array.new(2) { |index| all_of("step_up", "step_up.mid", id: "s#{index}", reps: 8) }, work_s: 60)
    moved = ->(turn) { Sparrow::Fitting::Sheet.new(timeline_of(block), people, kit: {"step" => 2}, turn: turn).moved.map { |move| move.participant.id } }
    expect(moved.call(0).tally.values).to eq([1, 1, 1, 1])
    one = intervals([all_of("step_up", "step_up.mid", reps: 8)], work_s: 60)
    first = (0..3).map { |turn| Sparrow::Fitting::Sheet.new(timeline_of(one), people, kit: {"step" => 3}, turn: turn).moved.map { |move| move.participant.id } }
    expect(first.flatten.uniq.size).to eq(4)
  end

  it "counts the seconds of alternating steps whole: time goes on for both sides" do
    prescription = Sparrow::Plan.read(workout_document(intervals([all_of("skater", "skater.bound", reps: 16)], work_s: 40))).blocks.first.stations.first.at("advanced")
    load = Sparrow::Capacity::Load.of(prescription, 16, 40).first
    expect(load.amount).to eq(16 * prescription.seconds_per_move)
  end

  it "asks for a hold as a hold on a ladder, whatever the other versions count" do
    laddered = {"id" => "main", "role" => "main", "format" => "ladder", "rounds" => 3, "stations" => [all_of("hollow", "hollow.rock", reps: nil, hold_s: nil).merge("ladder" => {"total" => 30, "shape" => "descending"})]}
    cell = cell_of(person(measured: {"plank.forearm" => 60}), laddered)
    expect([cell.option.unit, cell.short]).to match([cell.option.variation.measure, cell.option.counted? ? /\A\d+\z/ : /\A\d+ s\z/]) if cell.option.respond_to?(:counted?)
    expect(cell.option.unit).to eq((cell.option.variation.measure == "reps") ? "reps" : "hold")
    expect(cell.target).not_to match(/reps/) unless cell.option.variation.counted?
  end

  it "gives the same stand-in twice only where there is no other" do
    block = intervals([all_of("squat", "squat.parallel", id: "a", reps: 10), all_of("wide_squat", "wide_squat.parallel", id: "b", reps: 10), all_of("goblet_squat", "goblet_squat.full", id: "c", reps: 8)], work_s: 60, rest_s: 60)
    given = fit([person(limits: [limit("knee")], measured: {"glute_bridge.two_leg" => 40})], block).cells("tamsin").filter_map { |cell| cell.option&.variation&.id }
    expect(given.uniq).to eq(given)
  end

  it "never gives a skill in the place of something" do
    sheet = fit(person(level: "advanced", limits: [limit("ankle")]), intervals([station("b", movement: "balance_stand")], work_s: 30))
    variation = sheet.cells("tamsin").first.option&.variation
    expect(variation && Sparrow::Catalogue::Alternatives.skill?(Sparrow::Catalogue.house.movement(variation.movement_id))).to be_falsey
  end
end
