# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A number that fills a third of its window: people stand and wait.
      class WindowMostlyEmpty < StationRule
        TOPIC = "numbers"
        SOURCE = "house"
        PART = Rational(1, 3)
        LEAST_S = 15

        def of_station(block, station)
          return [] unless working?(block)
          each_level(station) do |prescription|
            next unless prescription.reps && block.timed? && !block.format.fixed_starts?
            fit = @facts.window_fit(block, station, prescription.level)
            next unless fit.set_s && fit.window_s && fit.window_s >= LEAST_S && fit.set_s < fit.window_s * PART && !slowed?(block, station)
            mostly_empty(block, station, fit)
          end
        end

        private

        # Where the school gives longer rest or fewer of them, the room is meant.
        def slowed?(block, station)
          %w[share clean_reps].include?(station.scaling || block.scaling)
        end

        def mostly_empty(block, station, fit)
          prescription = fit.prescription
          finding("note", Place.station(block, station, prescription.level), Sparrow.say("review.reps_take_of_the_window", reps: prescription.reps_counted, set_s: fit.set_s, window_s: fit.window_s),
            why: Sparrow.say("review.the_rest_of_it_is_standing"), fix: -> { fixes(block, station, fit) })
        end

        # As many as fill half of it, as far as the level can; else the window decides.
        def fixes(block, station, fit)
          prescription = fit.prescription
          cell = Planning::Solve::Cell.new(block, station, prescription)
          numbers = [fit.window_s / 2, fit.window_s * PART + 1].filter_map { |seconds| cell.most(seconds) }.select { |number| number > prescription.reps_counted }
          numbers.map { |most| Fix.set(Sparrow.say("review.ask_for_most", most: most), ["#{prescription.pointer}/reps", number(prescription, most)]) } +
            [Fix.remove(Sparrow.say("review.ask_for_as_many_as_fit"), "#{prescription.pointer}/reps")]
        end
      end
    end
  end
end
