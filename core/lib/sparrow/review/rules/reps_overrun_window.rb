# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # More reps than the window has time for at the variation's tempo: the last ones
      # are hurried, or the count is quietly dropped.
      class RepsOverrunWindow < StationRule
        TOPIC = "numbers"
        SOURCE = "arithmetic"

        def of_station(block, station)
          each_level(station) do |prescription|
            next unless prescription.reps && block.timed? && !block.format.fixed_starts?
            fit = @facts.window_fit(block, station, prescription.level)
            overrun(block, station, fit) if fit.overrun?
          end
        end

        private

        def overrun(block, station, fit)
          prescription = fit.prescription
          finding("warn", Place.station(block, station, prescription.level),
            Sparrow.say("review.counted_do_not_fit_in", counted: Planning::Wording.counted(prescription), window_s: fit.window_s, count: prescription.reps_counted),
            why: Sparrow.say("review.at_seconds_s_a_move_the", seconds: seconds(prescription), set_s: fit.set_s, fits: fit.fits), fix: fix(station, prescription, fit))
        end

        def seconds(prescription)
          format("%.4g", prescription.seconds_per_move)
        end

        # The lower number is even where sides alternate. Where not one rep has
        # time, the level gets the time that its reps need.
        def fix(station, prescription, fit)
          most = prescription.requires_even_count? ? fit.fits - fit.fits % 2 : fit.fits
          return Fix.set(Sparrow.say("review.give_it_set_s_s", set_s: fit.set_s), ["#{prescription.pointer}/work_s", fit.set_s.clamp(1, 3600)]) if most < 1
          Fix.set(Sparrow.say("review.ask_for_most", most: most), *lowered(station, prescription, most))
        end
      end
    end
  end
end
