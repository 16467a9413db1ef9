# frozen_string_literal: true

require "json"
require "yaml"
require "zeitwerk"

# The rules of the job: catalogue, circuit, timeline, calls, review and log.
# Plain Ruby. It knows no database, no HTTP and no clock: seconds come in as
# numbers and go out as numbers, and every value is frozen.
module Sparrow
  ROOT = File.expand_path("..", __dir__)
  DATA = File.join(ROOT, "data")

  LOADER = Zeitwerk::Loader.new.tap do |loader|
    loader.tag = "sparrow"
    loader.push_dir(__dir__)
    # What everything else is made of is named without its folder: Sparrow::Level.
    loader.collapse(File.join(__dir__, "sparrow", "values"))
    loader.setup
  end
  private_constant :LOADER

  Formats.register

  # Loads every file at once, for a server that serves many threads.
  def self.eager_load
    LOADER.eager_load
  end
end
