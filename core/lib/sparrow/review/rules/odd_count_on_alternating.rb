# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Left and right in turn, each one counted: an odd number leaves one side a
      # rep short.
      class OddCountOnAlternating < StationRule
        TOPIC = "numbers"
        SOURCE = "arithmetic"

        def of_station(block, station)
          each_level(station) do |prescription|
            next unless prescription.reps && prescription.requires_even_count?
            odd = prescription.reps.minmax.find(&:odd?)
            odd_count(block, station, prescription, odd: odd) if odd
          end
        end

        private

        def odd_count(block, station, prescription, odd:)
          even = evened(block, station, prescription)
          finding("note", Place.station(block, station, prescription.level), Sparrow.say("review.odd_is_odd_and_the_sides", odd: odd),
            why: Sparrow.say("review.one_side_gets_a_rep_more"), fix: even ? fix(prescription, even) : uncounted(prescription))
        end

        # Up where the window has time for it, else down.
        def evened(block, station, prescription)
          fits = @facts.window_fit(block, station, prescription.level).fits
          prescription.reps.minmax.map do |count|
            up = count + count % 2
            (fits.nil? || up <= fits) ? up : count - count % 2
          end.then { |low, high| [low, high] if low >= 2 }
        end

        # There is no time for one rep a side: the window decides instead.
        def uncounted(prescription)
          Fix.remove(Sparrow.say("review.ask_for_as_many_as_fit"), "#{prescription.pointer}/reps")
        end

        def fix(prescription, (low, high))
          return Fix.set(Sparrow.say("review.make_it_high", high: high), ["#{prescription.pointer}/reps", high]) if low == high
          Fix.set(Sparrow.say("review.make_it_low_high", low: low, high: high), ["#{prescription.pointer}/reps", {"min" => low, "max" => high}])
        end
      end
    end
  end
end
