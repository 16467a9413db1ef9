# frozen_string_literal: true

# How often the catalogue has something to give to somebody with a limit, with two, with a preset,
# and to an older adult. `ruby bench/ways_round.rb` prints it; with --write it goes into docs/ways-round.md.
$LOAD_PATH.unshift File.expand_path("../core/lib", __dir__)
require "sparrow"

module WaysRoundFigures
  module_function

  MAIN = Sparrow::Catalogue.house.select { |movement| movement.role == "main" }
  KINDS = Sparrow::People::Limits::KINDS
  OLDER = %w[no_floor needs_support no_impact head_not_below_hips].freeze
  SAME = %w[own pattern].freeze

  # @return [Hash{String => Sparrow::People::WaysRound::Way, nil}] by movement
  def ways(kinds, level: "intermediate")
    limits = kinds.map { |kind| Sparrow::People::Limits::Limit.new(kind: kind, severity: "avoid") }
    MAIN.to_h { |movement| [movement.id, Sparrow::People::WaysRound.first(movement, limits, level: level)] }
  end

  def percent(part, whole)
    format("%.1f %%", 100.0 * part / whole)
  end

  def single
    KINDS.map do |kind|
      found = ways([kind])
      held = found.values.compact
      [Sparrow::People::Limits.words(kind), percent(held.count { |way| way.kind == "own" }, found.size), percent(held.count { |way| SAME.include?(way.kind) }, found.size),
        percent(held.size, found.size), out(found)]
    end
  end

  def out(found)
    found.select { |_, way| way.nil? }.keys.join(", ").then { |names| names.empty? ? "–" : names }
  end

  def presets
    Sparrow::People::Presets::ALL.map { |preset| [preset.words, out(ways(preset.kinds))] }
  end

  def table(head, rows)
    ["| #{head.join(" | ")} |", "|#{"---|" * head.size}", *rows.map { |row| "| #{row.join(" | ")} |" }].join("\n")
  end

  def page
    catalogue = Sparrow::Catalogue.house
    variations = catalogue.flat_map(&:ladder)
    singles = KINDS.flat_map { |kind| ways([kind]).values }
    pairs = KINDS.combination(2).to_h { |kinds| [kinds, ways(kinds).values] }
    worst = pairs.sort_by { |_, found| found.compact.size }.first(5)
    <<~PAGE
      # Ways round a limit

      Written by `ruby bench/ways_round.rb --write`, from the catalogue as it is: #{catalogue.size} movements with #{variations.size} versions,
      #{variations.sum { |variation| variation.cues.size }} cues, #{variations.sum { |variation| variation.faults.size }} faults, #{catalogue.sum { |movement| movement.also.size } + variations.sum { |variation| variation.also.size }} other names;
      #{MAIN.size} movements are used in the main part. Somebody at the intermediate level who avoids one thing is given, for each of those:

      #{table(["limit", "a version of its own", "the same pattern", "something", "sits out at"], single)}

      All single limits together: something for #{percent(singles.compact.size, singles.size)}, in the same pattern for #{percent(singles.compact.count { |way| SAME.include?(way.kind) }, singles.size)}.
      All pairs of limits: something for #{percent(pairs.values.sum { |found| found.compact.size }, pairs.size * MAIN.size)}; the worst are
      #{worst.map { |kinds, found| "#{kinds.map { |kind| Sparrow::People::Limits.words(kind) }.join(" and ")} (#{percent(found.compact.size, found.size)})" }.join(", ")}.

      An older adult, a beginner who stays off the floor, needs something to hold, does not jump and keeps the head up, sits out at: #{out(ways(OLDER, level: "beginner"))}.

      #{table(["preset", "sits out at"], presets)}
    PAGE
  end
end

if $PROGRAM_NAME != __FILE__
  # Loaded by the spec that holds the page to the catalogue.
elsif ARGV.include?("--write")
  File.write(File.expand_path("../docs/ways-round.md", __dir__), WaysRoundFigures.page)
else
  puts WaysRoundFigures.page
end
