# frozen_string_literal: true

# The core alone, on a class of sixty minutes.
$LOAD_PATH.unshift File.expand_path("../core/lib", __dir__)
require "benchmark/ips"
require "json_schemer"
require "sparrow"
require_relative "sixty_minutes"
require_relative "full_room"

Sparrow.eager_load
document = SixtyMinutes.document
text = JSON.generate(document)
workout = Sparrow::Plan.read(document)
timeline = Sparrow::Plan::Timeline.compile(workout)
answer = Sparrow::Preview.new(document).to_h
schema = JSONSchemer.schema(JSON.parse(Sparrow::Published.workout_schema))
windows = timeline.blocks.sum { |line| line.windows.size }

puts "A class of #{Sparrow::ClockText.of(timeline.total_s)}: #{workout.each_station.count} stations, #{windows} windows, " \
  "#{timeline.blocks.sum { |line| line.lanes.values.sum(&:size) }} segments, #{answer["cues"].size} calls."

formats = SixtyMinutes.every_format
in_formats = Sparrow::Plan.read(formats)
puts "A class in every format, #{Sparrow::ClockText.of(Sparrow::Plan::Timeline.compile(in_formats).total_s)}: " \
  "#{in_formats.blocks.map { |block| block.format.id }.join(", ")}; #{in_formats.each_station.count} stations."

room = FullRoom.new(timeline)
puts "A full room: #{room.people.size} people, #{room.timeline.workout.each_station.count} stations, limits, tests; one piece that is scarce, or six."

report = Benchmark.ips(quiet: true) do |bench|
  bench.config(time: 2, warmup: 1)
  bench.report("read the document") { Sparrow::Plan.read(document) }
  bench.report("  (validate it by JSON Schema instead)") { schema.valid?(document) }
  bench.report("compile") { Sparrow::Plan::Timeline.compile(workout) }
  bench.report("compile and review") { Sparrow::Review.of(Sparrow::Plan::Timeline.compile(workout)) }
  bench.report("compile, every format") { Sparrow::Plan::Timeline.compile(in_formats) }
  bench.report("compile and review, every format") { Sparrow::Review.of(Sparrow::Plan::Timeline.compile(in_formats)) }
  bench.report("targets for the whole class") { Sparrow::Planning::Solve.new(Sparrow::Plan.read(document)).call }
  bench.report("targets, every format") { Sparrow::Planning::Solve.new(Sparrow::Plan.read(formats)).call }
  bench.report("ways to fit 45 minutes") { Sparrow::Planning::FitToSlot.new(Sparrow::Plan.read(document), minutes: 45).call }
  bench.report("fit of everybody") { room.fit(room.kit) }
  bench.report("fit of everybody, six scarce pieces") { room.fit(room.scarce) }
  bench.report("  (the sheet with its reasons, to hashes)") {
    sheet = room.fit(room.kit)
    room.people.each { |person| sheet.cells(person.id).map(&:to_h) }
  }
  bench.report("calls") { Sparrow::Plan::Cues.of(timeline) }
  bench.report("preview, whole: read to JSON") { JSON.generate(Sparrow::Preview.new(document).to_h) }
  bench.report("  (of it: parse and generate JSON)") { [JSON.parse(text), JSON.generate(answer)] }
end
report.entries.each { |entry| puts format("  %-40s %8.3f ms", entry.label, 1000.0 / entry.ips) }
