# frozen_string_literal: true

module Sparrow
  module Planning
    module Suggest
      # What a class loads, over its main and finisher blocks, of the versions that each level is
      # really given: seconds of work by level, and by joint, pattern and muscle.
      class Loads
        # So much load asks for preparation, and so much work for a stretch.
        MUCH_S = 180

        # @return [Hash{String => Hash{String => Integer}}] level to joint (muscle, pattern) to seconds
        attr_reader :joints, :patterns, :muscles

        # @param timeline [Plan::Timeline]
        def initialize(timeline)
          @joints, @patterns, @muscles = Array.new(3) { Level::ALL.to_h { |level| [level, Hash.new(0)] } }
          @jumps = false
          timeline.blocks.each do |line|
            next unless Plan::Balance::COUNTED.include?(line.block.role)
            Level::ALL.each { |lane| line.visits.fetch(lane, []).each { |visit| add(lane, visit) } }
          end
        end

        # @return [Boolean] whether anybody lands in it
        def jumps?
          @jumps
        end

        # @param held [Hash] joints, patterns or muscles
        # @return [Integer] seconds of the level that is loaded longest
        def most(held, name)
          held.each_value.map { |of_level| of_level[name] }.max
        end

        private

        def add(lane, visit)
          prescription = visit.prescription
          pieces = prescription.movements.zip(prescription.variations)
          seconds = visit.work_s / pieces.size
          pieces.each do |movement, variation|
            @jumps ||= variation.impact != "none"
            @patterns[lane][movement.pattern] += seconds
            variation.joints.each { |joint| @joints[lane][joint] += seconds }
            variation.muscles.each { |muscle| @muscles[lane][muscle] += seconds }
          end
        end
      end
    end
  end
end
