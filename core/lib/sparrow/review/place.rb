# frozen_string_literal: true

module Sparrow
  module Review
    # Where a finding is: ids of block and station, the level, a JSON Pointer
    # into the document, and the place in words.
    class Place < Value.of(:block, :station, :level, :pointer, :label)
      # @return [Place] the whole workout
      def self.workout
        new(pointer: "", label: Sparrow.say("review.the_class"))
      end

      def self.block(block)
        new(block: block.id, pointer: block.pointer, label: block.name)
      end

      def self.station(block, station, level = nil)
        pointer = (level && station.at(level)&.pointer) || station.pointer
        new(block: block.id, station: station.id, level: level, pointer: pointer,
          label: [station.name, level].compact.join(", "))
      end
    end
  end
end
