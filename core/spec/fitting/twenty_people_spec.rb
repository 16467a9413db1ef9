# frozen_string_literal: true

require_relative "../../../bench/fit_table"

# The demo's people and six harder ones in every ready-made circuit (`ruby bench/fit_table.rb --cells` prints every cell).
RSpec.describe "Twenty people in the ready-made circuits" do
  let(:cells) { FitTable.as_planned.cells }

  def reserve(person, cell)
    level = cell.standard.level
    Sparrow::Fitting::Reserve.of(level, moves: 2)
  end

  it "are given nothing that does not leave its reserve, and nothing that is to be spared" do
    cells.each do |title, person, cell|
      cell.outlooks.each do |look|
        needed = look.open ? 0 : reserve(person, cell).needs(look.asked, look.by_time)
        expect(look.available).to be >= needed - 1e-6, "#{title}, #{person.name}: #{cell.option.variation&.id} #{look.to_a}"
      end
      person.limits_today.each { |held| cell.option&.variations&.each { |variation| expect(held.rules_out?(variation)).to be(false), "#{title}, #{person.name}: #{variation.id}" } }
    end
  end

  it "sit out one in a hundred at most, and read no sentence longer than 120 characters" do
    expect(cells.count { |_, _, cell| cell.assigned.kind == "sit_out" }).to be <= cells.size / 100
    expect(cells.map { |_, _, cell| cell.reason.length }.max).to be <= 120
  end

  it "are given stand-ins that share the muscles, or are told so, and none twice in a class" do
    replaced = cells.select { |_, _, cell| cell.assigned.kind == "substitute" }
    expect(replaced.size).to be > 50
    replaced.each do |title, person, cell|
      shares = cell.standard.variation.nil? || (cell.standard.variation.muscles & cell.option.variation.muscles).any?
      expect(shares || cell.reason.include?("other muscles")).to be(true), "#{title}, #{person.name}: #{cell.option.variation.id} for #{cell.standard.variation.id}"
    end
    twice = replaced.group_by { |title, person, cell| [title, person.name, cell.option.variation.id] }.select { |_, held| held.size > 1 }.keys
    expect(twice).to eq([])
  end

  it "are marked as ready for more where they have twice the number and half as much again as their level, and nowhere else" do
    marked = cells.select { |_, _, cell| cell.step_up }
    expect(marked).not_to be_empty
    marked.each do |_, person, cell|
      step = cell.step_up
      expect([person.guarded?, cell.assigned.kind, step.option.hard_landing?]).to eq([false, "fits", false])
      expect(step.most).to be >= cell.option.number * 2
      band = step.option.variation.levels.map { |level| Sparrow::Level.rank(level) }.min
      expect(band).to be <= Sparrow::Level.rank(cell.standard.level) + 1
    end
  end

  it "who is just at the level of the house is marked nowhere" do
    house = {"intermediate" => {"push_up.floor" => 15, "squat.parallel" => 40, "lunge_back.free" => 20, "glute_bridge.two_leg" => 30, "row.long" => 12, "sit_up.crunch" => 30, "plank.forearm" => 70, "side_plank.full" => 45}}
    somebody = house.map { |level, measured| person("at_level", level: level, measured: measured) }
    expect(FitTable.new(FitTable.sheets(somebody)).cells.filter_map { |title, _, cell| [title, cell.option.variation.id] if cell.step_up }).to eq([])
  end

  it "leave no more than they must where the class goes to the reserve and an allowed harder way holds" do
    reserved = FitTable.new(FitTable.sheets(to_reserve: true)).cells
    more = ->(held) { held.sum { |_, _, cell| (cell.assigned.kind == "fits" && cell.option.unit == "reps") ? cell.option.number * cell.option.demand : 0 } }
    expect(more.call(reserved)).to be > more.call(cells)
    reserved.each { |title, person, cell| cell.outlooks.each { |look| expect(look.left).to be >= -1e-6, "#{title}, #{person.name}" unless look.open } }
  end
end
