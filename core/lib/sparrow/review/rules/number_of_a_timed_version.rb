# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A number of reps for a version that is held, or kept up for a time.
      class NumberOfATimedVersion < StationRule
        TOPIC = "numbers"
        SOURCE = "standard"

        def of_station(block, station)
          each_level(station) do |prescription|
            variation = prescription.variation or next
            timed(block, station, prescription) if prescription.reps && !variation.counted? && !station.counts
          end
        end

        private

        def timed(block, station, prescription)
          finding("warn", Place.station(block, station, prescription.level), Sparrow.say("review.name_is_not_counted", name: prescription.variation.name, reps: prescription.reps_counted),
            why: Sparrow.say("review.it_is_kept_up_for_a_time"), fix: -> { fixes(prescription) })
        end

        # So many seconds; where the block has no such key, the window's own.
        def fixes(prescription)
          reps = prescription.reps
          key = (prescription.variation.measure == "hold") ? "hold_s" : "work_s"
          value = (key == "hold_s") ? number(prescription, reps.max) : reps.max
          gone = {"op" => "remove", "path" => "#{prescription.pointer}/reps"}
          put = {"op" => "add", "path" => "#{prescription.pointer}/#{key}", "value" => value}
          [Fix.new(label: Sparrow.say("review.make_it_seconds", seconds: reps.max), patch: [gone, put]), Fix.new(label: Sparrow.say("review.for_the_whole_window"), patch: [gone])]
        end
      end
    end
  end
end
