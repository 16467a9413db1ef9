# frozen_string_literal: true

module Sparrow
  module Logging
    # What one participant did at one station of a run. reps are as counted, in
    # the last round, seconds those of a hold; +least+ is the number below which
    # the target was not met; reps_left is the reserve they noted. +planned+ says
    # that nobody typed or counted anything else; freshness is the part of the fresh most that was there before the
    # last set, nil where it is not known.
    # rounds is how many rounds of the station they did, nil where the people count them themselves or it is not known;
    # per_round holds the number of each round, load_kg what was held, faults what was seen of the version's own list.
    class Result < Value.of(:block, :station, :level, :variation, :reps, :seconds, :least, :reps_left, :skipped, :planned, :freshness, :rounds, :per_round, :load_kg, :faults)
    end
  end
end
