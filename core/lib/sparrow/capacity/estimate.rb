# frozen_string_literal: true

module Sparrow
  module Capacity
    # How much one person can do in one pattern, and how far that is trusted. +reps+ and +time+ are each a Measure, nil
    # where nothing is known: the strength index, and seconds at a demand of 1.
    class Estimate < Value.of(:pattern, :level, :reps, :time)
      # Evidence older than this is trusted less.
      STALE_AFTER_DAYS = 84
      # Factors on the number that is predicted.
      STALE = 0.9
      GUESS = 0.8
      TIRED = 0.85
      # A number beyond this says less about strength.
      ROUGH_FROM = 15

      # One of the two. source is "measured", "results" or "guess"; +on+ the Date of the evidence, nil for a guess; +value+
      # before any factor; +least+ what targets that were met show, where that is below a guess, else nil; +trail+ Points.
      class Measure < Value.of(:value, :source, :on, :stale, :rough, :least, :trail)
        # @return [Numeric] what the number predicted is taken times
        def factor
          return GUESS if guess?
          stale ? STALE : 1
        end

        # @return [Boolean]
        def guess?
          source == "guess"
        end
      end

      # One piece of evidence, and what was believed after its day.
      Point = Value.row(:evidence, :after)

      # @param by_time [Boolean] of work that is measured in seconds
      # @return [Measure, nil]
      def measure(by_time)
        by_time ? time : reps
      end

      # @return [Measure] the one from which more is known
      def best
        [reps, time].compact.min_by { |measure| [%w[measured results guess].index(measure.source), measure.equal?(reps) ? 0 : 1] }
      end

      # @return [String] "measured 3 weeks ago", for a sentence
      def words(today, measure: best)
        return Sparrow.say("capacity.a_guess_from_the_level_level", level: Level.words(level)) if measure.guess?
        weeks = (today - measure.on).to_i / 7
        age = if weeks.zero?
          Sparrow.say("capacity.this_week")
        else
          Sparrow.say("capacity.weeks_ago", count: weeks)
        end
        known = (measure.source == "measured") ? Sparrow.say("capacity.measured") : Sparrow.say("capacity.from_results")
        Sparrow.say("capacity.known_since", known: known, age: age, trust: (Sparrow.say("capacity.so_trusted_less") if measure.stale))
      end
    end
  end
end
