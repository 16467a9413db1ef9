# frozen_string_literal: true

module Sparrow
  module People
    # Since when somebody trains here, and how old they may be.
    module Membership
      # New for so many days: few jumps and little slow lowering in the first weeks.
      NEW_DAYS = 28
      # Nobody is younger here; who is has a group of their own.
      YOUNGEST = 10
      OLDEST = 110

      # @param since [Date, nil]
      def self.new?(since, on:)
        !since.nil? && since > on - NEW_DAYS
      end

      # @param birth_year [Integer, nil]
      # @param since [String, nil] ISO 8601
      # @param today [Date] where the studio is
      # @return [Array<Problem>] with the pointers /birth_year and /since
      def self.validation_errors(birth_year, since, today:)
        years = (today.year - OLDEST)..(today.year - YOUNGEST)
        [
          (Problem.new(pointer: "/birth_year", message: Sparrow.say("people.must_be_from_begin_to_end", begin: years.begin, end: years.end)) if birth_year && !years.cover?(birth_year)),
          # It may be tomorrow already where they are.
          (Problem.new(pointer: "/since", message: Sparrow.say("people.is_not_here_yet")) if since && since > (today + 1).iso8601),
          (Problem.new(pointer: "/since", message: Sparrow.say("people.is_before_they_were_born")) if since && birth_year && since.to_i < birth_year)
        ].compact
      end
    end
  end
end
