# frozen_string_literal: true

module Sparrow
  module Fitting
    # What rules a variation out for one person, in words, or nothing. Nothing is given without passing this list.
    class Allowed
      # Without one of these in the room there is nothing to hold on to; walls are everywhere.
      NOT_COUNTED = Plan::Kit::SHARED

      # @param kit [Hash{String => Integer}, nil] pieces in the room; nil where nobody has said
      def initialize(participant, kit)
        @participant = participant
        @kit = kit
        @sore = participant.sore
        @limits = participant.limits_today
        @ruling = {}.compare_by_identity
        @house = {}.compare_by_identity
      end

      # @return [Array<People::Limits::Limit>] which of the person's limits, today's soreness among them, rule it out
      def ruling(option)
        return NONE if @limits.empty?
        @ruling[option.variation || option] ||= @limits.select { |limit| option.variations.any? { |variation| limit.rules_out?(variation) } }.freeze
      end

      NONE = [].freeze
      private_constant :NONE

      # @return [String, nil] why not: the person's own limits, today's soreness
      def limit(option)
        found = ruling(option).first
        found ? Sparrow.say("fitting.spares", limit: found.words) : hard_landing(option)
      end

      # @param standard [Option] what their level would be given here
      # @return [String, nil] why not: what is in the room, who is new, what comes first, and what is too far above their level
      def house(option, standard)
        known = @house[standard] ||= {}.compare_by_identity
        known.fetch(option.variation || option) { |key| known[key] = reason(option, standard) }
      end

      private

      def reason(option, standard)
        pieces = @kit ? option.equipment : NONE
        missing = missing(pieces) if pieces.any?
        return Sparrow.say("fitting.no_missing_in_the_room", missing: Sparrow.word(missing)) if missing
        hard = hard_landing(option)
        return hard if hard
        return guarded(option, standard) if @participant.guarded?
        return if option.variation.nil? || option.variation.equal?(standard.variation)
        harder = option.demand > standard.demand
        guessed = guessed?(option)
        return Sparrow.say("fitting.first", prerequisite: option.variation.prerequisite.delete_suffix(".").downcase) if harder && guessed && option.variation.prerequisite
        above(option, guessed) if harder
      end

      def hard_landing(option)
        Sparrow.say("fitting.no_hard_landings_with_a_sore", limits: People::Limits.words(@sore.first)) if @sore.any? && option.hard_landing?
      end

      def missing(equipment)
        equipment.tally.each { |piece, count| return piece if @kit.fetch(piece, 0) < count && !NOT_COUNTED.include?(piece) }
        nil
      end

      def guarded(option, standard)
        return Sparrow.say("fitting.who_nothing_above_their_own_level", who: who) if option.demand > standard.demand
        Sparrow.say("fitting.who_no_hard_landings_yet", who: who) if option.hard_landing?
      end

      def who
        @participant.newcomer ? Sparrow.say("fitting.new") : Sparrow.say("fitting.not_screened")
      end

      # Not above the level chosen where that is all that is known, and one above it at most where it is measured.
      def above(option, guessed)
        band = option.variation.levels.map { |level| Level.rank(level) }.min
        over = band - Level.rank(@participant.level(option.variation.pattern))
        return Sparrow.say("fitting.above_a_level_that_is_a_guess") if guessed && over.positive?
        Sparrow.say("fitting.more_than_a_level_above") if over > 1
      end

      # A prerequisite counts as met where the pattern has been measured or seen.
      def guessed?(option)
        @participant.estimates.guess?(option.pattern, by_time: option.by_time?)
      end
    end
  end
end
