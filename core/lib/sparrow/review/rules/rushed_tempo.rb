# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A tempo that is typed much faster than the version is done well.
      class RushedTempo < StationRule
        TOPIC = "numbers"
        SOURCE = "house"
        PLAUSIBLE_FROM = Rational(7, 10)

        def of_station(block, station)
          each_level(station) do |prescription|
            usual = prescription.variation&.tempo or next
            rushed(block, station, prescription, usual: usual) if prescription.tempo && prescription.tempo.seconds < usual.seconds * PLAUSIBLE_FROM
          end
        end

        private

        def rushed(block, station, prescription, usual:)
          finding("note", Place.station(block, station, prescription.level), Sparrow.say("review.tempo_is_rushed", tempo: prescription.tempo.to_s, usual: usual.to_s),
            why: Sparrow.say("review.so_fast_the_standard_goes_first"), fix: Fix.remove(Sparrow.say("review.take_the_usual_tempo", usual: usual.to_s), "#{prescription.pointer}/tempo"))
        end
      end
    end
  end
end
