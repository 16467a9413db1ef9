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

      # One test taken, or one result with its reserve noted.
      Evidence = Value.of(:pattern, :rung, :yields, :amount, :on, :source)

      # @return [String] "measured 3 weeks ago", for a sentence
      def words(today)
        return "a guess from the #{level} level" if source == "guess"
        weeks = (today - on).to_i / 7
        age = if weeks.zero?
          "this week"
        else
          "#{weeks} #{(weeks == 1) ? "week" : "weeks"} ago"
        end
        "#{(source == "measured") ? "measured" : "from results"} #{age}#{", so trusted less" if stale}"
      end
    end
  end
end
