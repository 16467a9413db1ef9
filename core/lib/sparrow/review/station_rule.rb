# frozen_string_literal: true

module Sparrow
  module Review
    # A rule that looks at one station, and at nothing beyond its block and how many people come: what it
    # found there is found again while the station is the same.
    class StationRule < Rule
      # @return [Array<Finding>] at one station
      def of_station(_block, _station)
        raise NotImplementedError, "#{self.class} looks for nothing"
      end

      private

      # @yield [Plan::Prescription] of each level
      # @yieldreturn [Finding, nil]
      def each_level(station, &block)
        station.levels.each_value.filter_map(&block)
      end
    end
  end
end
