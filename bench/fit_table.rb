# frozen_string_literal: true

# What the demo's people and six harder ones are given in every ready-made circuit, cell by cell, to be read as a coach would.
# `ruby bench/fit_table.rb` prints the sums; with --cells every cell too; with --reserve as much as leaves the reserve.
$LOAD_PATH.unshift File.expand_path("../core/lib", __dir__)
require "sparrow"
require "date"

class FitTable
  TODAY = Date.new(2026, 11, 24)
  FILES = [File.expand_path("../demo/people.yml", __dir__), File.expand_path("fit_people.yml", __dir__)].freeze

  # @return [Array<Sparrow::Fitting::Participant>]
  def self.people
    FILES.flat_map { |file| YAML.safe_load_file(file) }.map { |written| person(written) }
  end

  def self.person(written)
    estimates = Sparrow::Capacity::Estimates.new(levels: written.fetch("levels", {}), pacing_level: written["level"], evidence: tests(written), today: TODAY)
    limits = written.fetch("limits", []).map { |limit| Sparrow::People::Limits::Limit.new(kind: limit["kind"], side: limit["side"], severity: limit["severity"]) }
    Sparrow::Fitting::Participant.new(id: written["name"], name: written["name"], pacing_level: written["level"], estimates: estimates, state: written["tired"] ? "tired" : "fresh",
      sore: written.fetch("sore", []), limits: limits, newcomer: written.fetch("since", 100) < 28, screening: "clear", choices: {})
  end

  def self.tests(written)
    held = written.fetch("benchmarks", {})
    held.except("taken").filter_map do |id, (variation, amount)|
      Sparrow::Capacity::Evidence.of_test(id, Sparrow::Catalogue.house.variation(variation), amount, on: TODAY - held["taken"])
    end
  end

  # @return [Hash{String => Sparrow::Fitting::Sheet}] by the circuit's title
  def self.sheets(people = self.people, **rest)
    Sparrow::Plan::Templates.all.to_h do |template|
      [template.title, Sparrow::Fitting::Sheet.new(Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(template.document)), people, **rest)]
    end
  end

  # @return [FitTable] of the twenty, as planned
  def self.as_planned
    @as_planned ||= new(sheets)
  end

  def initialize(sheets)
    @sheets = sheets
  end

  # @return [Array<Array(String, Sparrow::Fitting::Participant, Sparrow::Fitting::Cell)>]
  def cells
    @cells ||= @sheets.flat_map { |title, sheet| sheet.assignments.flat_map { |one| sheet.cells(one.participant.id).map { |cell| [title, one.participant, cell] } } }
  end

  def sums
    kinds = cells.map { |_, _, cell| cell.assigned.kind }.tally
    own = cells.count { |_, _, cell| cell.standard? }
    longest = cells.map { |_, _, cell| cell.reason.length }.max
    left = cells.filter_map { |_, _, cell| cell.worst&.then { |look| look.left unless look.open || look.by_time } }
    ["#{cells.size} cells: #{kinds.sort.map { |kind, count| "#{kind} #{count}" }.join(", ")}", "as the level's plan #{own}; ready for more #{cells.count { |_, _, cell| cell.step_up }}",
      "of #{left.size} in reps #{left.count { |moves| moves <= 6 }} leave six moves or fewer, #{left.count { |moves| moves > 20 }} more than twenty", "longest sentence #{longest}"]
  end

  def lines
    cells.map do |title, person, cell|
      name = cell.option ? cell.option.variation&.name || cell.place.station.name : "–"
      step = cell.step_up&.then { |found| " ▲ #{found.option.variation.name} #{found.option.number}" }
      [title[0, 14], person.name[0, 14], cell.place.station.name[0, 18], cell.assigned.kind[0, 6], "#{name} × #{cell.short}", "#{cell.reason}#{step}"].zip([14, 14, 18, 6, 40, 0]).map { |text, width| text.ljust(width) }.join(" ")
    end
  end
end

if $PROGRAM_NAME == __FILE__
  table = FitTable.new(FitTable.sheets(to_reserve: ARGV.include?("--reserve")))
  puts table.lines if ARGV.include?("--cells")
  puts table.sums
end
