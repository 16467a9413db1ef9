# frozen_string_literal: true

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
