# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Left and right in turn, each one counted: an odd number leaves one side a
      # rep short.
      class OddCountOnAlternating < Rule
        def findings
          each_cell.filter_map do |block, station, take|
            next unless take.reps && take.evens?
            odd = take.reps.minmax.find(&:odd?)
            odd_count(block, station, take, odd) if odd
          end
        end

        private

        def odd_count(block, station, take, odd)
          even = evened(block, station, take)
          finding("note", Place.station(block, station, take.level), "#{odd} is odd, and the sides alternate.",
            "One side gets a rep more than the other.", even ? fix(take, even) : uncounted(take))
        end

        # Up where the window has time for it, else down.
        def evened(block, station, take)
          fits = Targets::WindowFit.of(block, station, take.level).fits
          take.reps.minmax.map do |count|
            up = count + count % 2
            (fits.nil? || up <= fits) ? up : count - count % 2
          end.then { |low, high| [low, high] if low >= 2 }
        end

        # There is no time for one rep a side: the window decides instead.
        def uncounted(take)
          Fix.remove("Ask for as many as fit", "#{take.pointer}/reps")
        end

        def fix(take, (low, high))
          return Fix.set("Make it #{high}", ["#{take.pointer}/reps", high]) if low == high
          Fix.set("Make it #{low}–#{high}", ["#{take.pointer}/reps", {"min" => low, "max" => high}])
        end
      end
    end
  end
end
