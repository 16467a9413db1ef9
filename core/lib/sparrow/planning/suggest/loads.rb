# frozen_string_literal: true

module Sparrow
  module Planning
    module Suggest
      # What a class loads, over its main and finisher blocks and all three levels:
      # seconds of work by joint, by pattern and by muscle.
      class Loads
        attr_reader :joints, :patterns, :muscles

        # @param timeline [Plan::Timeline]
        def initialize(timeline)
          @joints = Hash.new(0)
          @patterns = Hash.new(0)
          @muscles = Hash.new(0)
          timeline.blocks.each do |line|
            next unless Plan::Balance::COUNTED.include?(line.block.role)
            line.block.stations.each { |station| Level::ALL.each { |level| add(station, station.at(level), seconds(line, station, level)) } }
          end
        end

        private

        def seconds(line, station, level)
          line.visits.fetch(level, []).sum { |visit| visit.station.equal?(station) ? visit.work_s : 0 }
        end

        def add(station, prescription, seconds)
          pieces = prescription.variation ? [[station.movement, prescription.variation]] : prescription.parts.map { |part| [part["movement"], part["rung"]] }
          pieces.each do |movement, rung|
            @patterns[movement.pattern] += seconds / pieces.size
            rung.joints.each { |joint| @joints[joint] += seconds / pieces.size }
            rung.muscles.each { |muscle| @muscles[muscle] += seconds / pieces.size }
          end
        end
      end
    end
  end
end
