# frozen_string_literal: true

module Sparrow
  module Plan
    class Format
      # What a format makes of a block that comes from another; in most of them, what it is told.
      module Adopting
        # Keys of a block, station or level that are turned into others when a block changes from
        # +from+ to this format, and those that this format turns for +to+.
        # @return [Array<String>]
        def takes_from(_from)
          []
        end

        def gives_to(_to)
          []
        end

        # A station that comes from another format, its keys already moved.
        # @return [Hash]
        def adopt_station(moved, _given, _block)
          moved
        end

        # A level that comes from another format, its keys already moved.
        # @param number [Integer, nil] the reps of one round there
        # @return [Hash]
        def adopt_level(level, number, station)
          (reps_at?(station) && level["reps"].nil? && number) ? {**level, "reps" => number} : level
        end
      end
    end
  end
end
