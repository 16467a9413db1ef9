# frozen_string_literal: true

# The figures: solved, checked, drawn, and as they are sent. `ruby --yjit bench/figures.rb`
require "bundler/setup"
require "json"
require "zlib"
require_relative "../core/lib/sparrow"

def seconds
  began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  yield
  Process.clock_gettime(Process::CLOCK_MONOTONIC) - began
end

library = Sparrow::Figure::Library.house
ids = library.ids
solved = seconds { ids.each { |id| library.motion(id) } }
checked = seconds { ids.each { |id| Sparrow::Figure::Checks.new(library.motion(id)).problems } }
agreed = seconds { ids.each { |id| Sparrow::Figure::Agreement.new(library.motion(id)).then { |agreement| [agreement.silent, agreement.unseen] } } }
texts = nil
drawn = seconds { texts = ids.map { |id| JSON.generate(Sparrow::Figure::Drawing.new(library.motion(id)).with_faults) } }
packed = texts.map { |text| Zlib.gzip(text).bytesize }
frames = ids.sum { |id| Sparrow::Figure::Drawing.new(library.motion(id)).instants.size }
puts "#{ids.size} figures, #{frames} frames"
{"solve every key pose" => solved, "check every frame" => checked, "hold to the catalogue" => agreed, "draw, and generate JSON" => drawn}
  .each { |what, took| puts format("  %-26s %6.2f s, %6.2f ms a figure, %5.2f × solving", what, took, took * 1000 / ids.size, took / solved) }
puts format("  as sent: %d bytes on average, %d compressed, at most %d", texts.sum(&:bytesize) / texts.size, packed.sum / packed.size, packed.max)
