# frozen_string_literal: true

# Whatever the format, nobody is asked for more than the model says is there.
RSpec.describe "The fit in every format" do
  let(:movements) { %w[push_up squat plank row] }
  let(:stations) { movements.each_with_index.map { |movement, index| station("s#{index}", movement: movement) } }
  let(:weak) { person("weak", level: "beginner", measured: {"push_up.wall" => 8, "squat.chair_sit" => 7, "row.standing" => 6, "plank.knees" => 12}) }
  let(:strong) { person("strong", level: "advanced", measured: {"push_up.floor" => 50, "squat.parallel" => 80, "row.long" => 25, "plank.forearm" => 180}) }

  def sound(block)
    sheet = fit([weak, strong], block)
    [weak, strong].to_h do |somebody|
      cells = sheet.cells(somebody.id)
      cells.each { |cell| cell.outlooks.each { |look| expect(look.left).to be >= -1e-6, "#{somebody.id} #{cell.place.station.id}: #{look.to_a}" unless look.open } }
      [somebody.id, cells]
    end
  end

  def paced(format, **keys)
    {"id" => "main", "role" => "main", "format" => format, "stations" => stations, **keys.transform_keys(&:to_s)}
  end

  {
    "rounds" => {rounds: 4}, "amrap" => {cap_s: 600}, "chipper" => {}, "every_minute" => {rounds: 3, interval_s: 60}
  }.each do |format, keys|
    it "asks for no more than is there, and gives the strong harder variations than the weak: #{format}" do
      cells = sound(paced(format, **keys))
      cells["weak"].zip(cells["strong"]).each { |less, more| expect(more.option.demand).to be >= (less.option&.demand || 0) }
      expect(cells["strong"].map { |cell| cell.option.demand }.sum).to be > cells["weak"].sum { |cell| cell.option&.demand || 0 }
    end
  end

  it "lowers every round of a ladder that is too much, and no other" do
    laddered = paced("ladder", rounds: 4)
    laddered["stations"] = stations.first(2).map { |assigned| assigned.merge("ladder" => {"total" => 60, "shape" => "descending"}, "levels" => assigned["levels"].transform_values { |level| level.except("reps") }) }
    cells = sound(laddered)
    expect(cells["strong"].first.outlooks.map(&:asked)).to eq([24.0, 18.0, 12.0, 6.0])
    assigned = cells["weak"].first
    expect(assigned.outlooks.map(&:asked)).to eq([24, 18, 12, 6].map { |asked| [asked, assigned.option.number].min.to_f }) if assigned.option&.variation&.movement_id == "push_up"
  end

  it "takes the whole prescription of the round where levels escalate" do
    block = intervals([station("p", movement: "push_up", levels: {"beginner" => {"work_s" => 20}, "advanced" => {"work_s" => 40}})], rounds: 3, escalate: true, work_s: 30, rest_s: 60)
    cells = sound(block)
    strong, weak = cells.values_at("strong", "weak").map(&:first)
    expect([strong, *strong.earlier].map { |cell| [cell.option.level, cell.outlooks.map(&:round)] }).to eq([["advanced", [3]], ["beginner", [1]], ["intermediate", [2]]])
    expect([strong, *strong.earlier].map { |cell| cell.option.variation }).to eq(%w[advanced beginner intermediate].map { |level| strong.place.station.at(level).variation })
    expect([weak.earlier, weak.rounds.map(&:first), strong.rounds.map(&:first)]).to eq([[], [1, 2, 3], [1, 2, 3]])
  end

  it "follows the rounds of the level they follow and not of the pattern's" do
    block = intervals([station("p", movement: "push_up")], rounds: 3, rounds_by_level: {"beginner" => 1}, work_s: 30, rest_s: 30)
    cells = sound(block)
    expect([cells["weak"].first.outlooks.size, cells["strong"].first.outlooks.size]).to eq([1, 3])
  end

  it "tires one block by what another took" do
    first = {**intervals([station("n", movement: "push_up_narrow")], rounds: 3, work_s: 40, rest_s: 10), "id" => "first"}
    second = {**intervals([station("p", movement: "push_up")], work_s: 40), "id" => "second"}
    alone = fit([strong], second).cells("strong").first.outlooks.first.available
    after = fit([strong], first, second).cells("strong").last.outlooks.first.available
    expect(after).to be < alone
    rested = fit([strong], first, pause(600), second).cells("strong").last.outlooks.first.available
    expect(rested).to be > after
  end
end
