# frozen_string_literal: true

# COVERAGE=1 counts the lines and branches of the core that its specs run (bin/test core, bin/test full).
if ENV["COVERAGE"]
  require "simplecov"
  SimpleCov.start do
    enable_coverage :branch
    add_filter { |source| !source.filename.include?("/core/lib/") }
    minimum_coverage line: 99, branch: 95
  end
end

$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "sparrow"
require "prop_check"
Dir[File.join(__dir__, "support", "*.rb")].sort.each { |file| require file }

RSpec.configure do |config|
  config.include Documents
  config.include People
  config.disable_monkey_patching!
  config.order = :random
  Kernel.srand config.seed
end
