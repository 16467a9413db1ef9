# frozen_string_literal: true

module Sparrow
  module Logging
    # What somebody did of a class, as their log has it: without the stations that they skipped, and in the versions that they took.
    module AsLogged
      # @param timeline [Plan::Timeline] what they reached of it
      # @param level [String] whom they followed
      # @param done [Hash{Array(String, String) => String, nil}] block and station of what they did to the version's id; nil for the planned one
      # @param catalogue [#variation, #movement]
      # @return [Plan::Timeline] with their level's visits alone
      def self.of(timeline, level, done, catalogue:)
        timeline.with_visits do |line, of_level, visits|
          next [] unless of_level == level
          visits.filter_map do |visit|
            place = [line.block.id, visit.station.id]
            in_version(visit, catalogue.variation(done[place]), catalogue) if done.key?(place)
          end
        end
      end

      def self.in_version(visit, variation, catalogue)
        return visit if variation.nil? || variation.id == visit.prescription.variation&.id
        taken = visit.prescription.with(variation: variation, movement: catalogue.movement(variation.movement_id), parts: nil)
        Plan::Visit.new(visit.station, visit.round, taken, visit.counted, visit.start_s, visit.work_s, visit.sets)
      end
      private_class_method :in_version
    end
  end
end
