# frozen_string_literal: true

module Sparrow
  module Running
    # What was tapped while a class ran: rounds, and reps of a total, by level or by person.
    class Taps
      # @param events [Array<Event>] in any order
      def initialize(events)
        @taps = Event.standing(events).select { |event| event.kind == "tapped" }
      end

      # @return [Hash{String => Hash{Array(String, String) => Integer}}] by person, reps by block and station
      def reps_of_people
        own = @taps.select { |tap| tap.person_id && tap.station }
        own.group_by(&:person_id).transform_values { |taps| sums(taps) { |tap| [tap.block, tap.station] } }
      end

      # @param level [String] whom a level's taps count for
      # @return [Hash{String => Integer}] rounds of each block; a person's own taps go before their level's
      def rounds(level, person_id = nil)
        apart = @taps.reject(&:station)
        mine = apart.select { |tap| person_id && tap.person_id == person_id }
        of_level = apart.select { |tap| tap.person_id.nil? && tap.level == level }
        sums(of_level, &:block).merge(sums(mine, &:block))
      end

      # When the last tap of a block came, for who is through with it.
      # @return [Hash{String => Numeric}] the plan's second, by block
      def last_s(level, person_id = nil)
        held = @taps.select { |tap| tap.at_s && (tap.person_id ? tap.person_id == person_id : tap.level == level) }
        held.group_by(&:block).transform_values { |taps| taps.map(&:at_s).max }
      end

      private

      def sums(taps, &key)
        taps.group_by(&key).transform_values { |held| held.sum(&:amount) }
      end
    end
  end
end
