# frozen_string_literal: true

# How much is looked at: a part of it by day, all of it where FULL is set (bin/test full).
module Thoroughness
  FULL = ENV.key?("FULL")

  # @return [Integer] how many of so many random cases are tried
  def self.of(cases, by_day: 5)
    FULL ? cases : cases / by_day
  end

  # @return [Array] those that are looked at: others with each seed, all of them where all is asked for, or where
  #   it is counted what the specs run through (bin/test core)
  def self.some(list, by_day: 2)
    (FULL || ENV.key?("COVERAGE")) ? list : list.sample((list.size.to_f / by_day).ceil, random: Random.new(RSpec.configuration.seed))
  end
end

# What starts servers for most of a minute is marked :full, and left out by day.
RSpec.configure { |config| config.filter_run_excluding(:full) unless Thoroughness::FULL }

# Where all the specs are run together (bin/test), those of `in_turns: true` are, one after the other in their file, every second
# one, and the others with the next seed.
RSpec.configure do |config|
  config.filter_run_excluding(in_turns: ->(_, example) { ENV.key?("IN_TURNS") && (RSpec.configuration.seed + example[:scoped_id].split(":").last.to_i).odd? })
end
