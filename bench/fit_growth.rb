# frozen_string_literal: true

# What a fit costs as people and stations grow: it should be a straight line. `bundle exec ruby --yjit bench/fit_growth.rb`
# prints milliseconds, the best of some runs, and what each is for one person or one station.
$LOAD_PATH.unshift File.expand_path("../core/lib", __dir__)
require "sparrow"
require_relative "sixty_minutes"
require_relative "full_room"

Sparrow.eager_load
RUNS = 8

# @return [Float] milliseconds, the best of some
def best
  Array.new(RUNS) do
    start = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    yield
    (Process.clock_gettime(Process::CLOCK_MONOTONIC) - start) * 1000
  end.min
end

def row(count, name, room)
  times = [best { room.fit(nil) }, best { room.fit(room.scarce) }]
  puts format("%4d %-8s  kit not counted %6.0f ms (%.2f each)   six scarce pieces %6.0f ms (%.2f each)", count, name, times[0], times[0] / count, times[1], times[1] / count)
end

# @return [Sparrow::Plan::Timeline] one block of so many stations, three rounds
def stations(count)
  document = SixtyMinutes.document
  block = document["blocks"].max_by { |held| (held["stations"] || []).size }
  held = Array.new(count) { |index| block["stations"][index % block["stations"].size].merge("id" => "x#{index}") }
  Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(document.merge("blocks" => [block.merge("stations" => held)])))
end

timeline = Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(SixtyMinutes.document))
[10, 20, 40, 80, 160].each { |size| row(size, "people", FullRoom.new(timeline, size: size).tap(&:people)) }
[5, 10, 20, 40].each { |count| row(count, "stations", FullRoom.new(stations(count)).tap(&:people)) }
