# frozen_string_literal: true

module Sparrow
  module Logging
    # What somebody did of a class, as their log has it: without the stations that they skipped, and in the versions that they took.
    module AsLogged
      # @param reached [Plan::Timeline] what they reached of it
      # @param level [String] whom they followed
      # @param done [Hash{Array(String, String) => String, nil}] block and station of what they did to the version's id; nil for the planned one
      # @param catalogue [#variation, #movement]
      # @param plan [Plan::Timeline] the whole of it: what the log has of a station that nobody reached was done as planned
      # @return [Plan::Timeline] with their level's visits alone
      def self.of(reached, level, done, catalogue:, plan: reached)
        rounds = rounds_of(reached, level)
        plan.with_visits do |line, of_level, visits|
          next [] unless of_level == level
          visits.filter_map do |visit|
            place = [line.block.id, visit.station.id]
            in_version(visit, catalogue.variation(done[place]), catalogue) if done.key?(place) && rounds.fetch(place, [visit.round]).include?(visit.round)
          end
        end
      end

      # @return [Hash{Array(String, String) => Array<Integer>}] the rounds of each station that were reached
      def self.rounds_of(timeline, level)
        timeline.blocks.flat_map { |line| line.visits.fetch(level, []).map { |visit| [[line.block.id, visit.station.id], visit.round] } }
          .group_by(&:first).transform_values { |pairs| pairs.map(&:last) }
      end
      private_class_method :rounds_of

      def self.in_version(visit, variation, catalogue)
        return visit if variation.nil? || variation.id == visit.prescription.variation&.id
        taken = visit.prescription.with(variation: variation, movement: catalogue.movement(variation.movement_id), parts: nil)
        Plan::Visit.new(visit.station, visit.round, taken, visit.counted, visit.start_s, visit.work_s, visit.sets)
      end
      private_class_method :in_version
    end
  end
end
