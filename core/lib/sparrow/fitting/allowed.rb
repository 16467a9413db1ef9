# frozen_string_literal: true

module Sparrow
  module Fitting
    # What rules a variation out for one person, in words, or nothing.
    class Allowed
      # Without one of these in the room there is nothing to hold on to; walls are everywhere.
      NOT_COUNTED = Plan::Kit::SHARED

      # @param kit [Hash{String => Integer}, nil] pieces in the room; nil where nobody has said
      def initialize(participant, kit)
        @participant = participant
        @kit = kit
        @sore = participant.sore
      end

      # @param standard [Option] what their level would be given here
      # @return [String, nil] why not: the person's own limits, today's soreness
      def limit(option)
        found = @participant.limits.find { |limit| option.variations.any? { |variation| limit.rules_out?(variation) } } if @participant.limits.any?
        return Sparrow.say("fitting.spares", limit: found.words) if found
        Sparrow.say("fitting.no_hard_landings_with_a_sore", limits: People::Limits.words(@sore.first)) if @sore.any? && option.hard_landing?
      end

      # @return [String, nil] why not: what is in the room, and who is new
      def house(option, standard)
        missing = missing(option.equipment) if @kit
        return Sparrow.say("fitting.no_missing_in_the_room", missing: Sparrow.word(missing)) if missing
        return guarded(option, standard) if @participant.guarded?
        return unless option.variation&.prerequisite && option.demand > standard.demand
        Sparrow.say("fitting.first", prerequisite: option.variation.prerequisite.delete_suffix(".").downcase) if guessed?(option)
      end

      private

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

      # A prerequisite counts as met where the pattern has been measured or seen.
      def guessed?(option)
        estimate = @participant.estimates.of(option.variation.pattern)
        estimate.nil? || estimate.source == "guess"
      end
    end
  end
end
