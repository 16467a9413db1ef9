# frozen_string_literal: true

module Sparrow
  module Logging
    # What one participant did at one station of a run. reps are as counted, in
    # the last round; reps_left is the reserve they noted. +planned+ says that
    # nobody typed anything else.
    class Result < Value.of(:block, :station, :level, :variation, :reps, :reps_left, :skipped, :planned)
    end
  end
end
