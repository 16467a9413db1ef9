# frozen_string_literal: true

# How much is looked at: a part of it by day, all of it where FULL is set (bin/test full).
module Thoroughness
  FULL = ENV.key?("FULL")

  # @return [Integer] how many of so many random cases are tried
  def self.of(cases, by_day: 5)
    FULL ? cases : cases / by_day
  end
end

# What starts servers for most of a minute is marked :full, and left out by day.
RSpec.configure { |config| config.filter_run_excluding(:full) unless Thoroughness::FULL }
