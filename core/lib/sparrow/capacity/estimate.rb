# frozen_string_literal: true

module Sparrow
  module Capacity
    # How much one person can do in one pattern, and how far that is trusted.
    # source is "measured", "results" or "guess"; +on+ the Date of the evidence, nil
    # for a guess; strength the index before the factor, nil where the pattern is
    # known by time only; hold a Profile::Hold before the factor, nil where none is known.
    class Estimate < Value.of(:pattern, :source, :on, :level, :factor, :stale, :rough, :strength, :hold)
      # Evidence older than this is trusted less.
      STALE_AFTER_DAYS = 84
      STALE = 0.9
      GUESS = 0.85
      TIRED = 0.9
      SORE = 0.8
      # A number beyond this says less about strength.
      ROUGH_FROM = 15

      # @return [String] "measured 3 weeks ago", for a sentence
      def words(today)
        return Sparrow.say("capacity.a_guess_from_the_level_level", level: Level.words(level)) if source == "guess"
        weeks = (today - on).to_i / 7
        age = if weeks.zero?
          Sparrow.say("capacity.this_week")
        else
          Sparrow.say("capacity.weeks_ago", count: weeks)
        end
        known = (source == "measured") ? Sparrow.say("capacity.measured") : Sparrow.say("capacity.from_results")
        Sparrow.say("capacity.known_since", known: known, age: age, trust: (Sparrow.say("capacity.so_trusted_less") if stale))
      end
    end
  end
end
