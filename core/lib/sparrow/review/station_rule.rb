# frozen_string_literal: true

module Sparrow
  module Review
    # A rule that looks at one station, and at nothing beyond its block: what it found there is
    # found again while the station is the same.
    class StationRule < Rule
      # @return [Array<Finding>]
      def findings
        @workout.each_station.flat_map { |block, station| @kept.made(station, self.class, *beyond) { lasting(of_station(block, station)).freeze } }
      end

      # @return [Array<Finding>] at one station
      def of_station(_block, _station)
        raise NotImplementedError, "#{self.class} looks for nothing"
      end

      private

      # @return [Array] what it looks at beyond the station and its block
      def beyond
        []
      end

      # What is kept holds on to no plan: a fix that is still to be looked for would.
      def lasting(findings)
        return findings if @kept.equal?(Plan::KeptBlocks::NONE)
        findings.map { |finding| finding.with(fixes: [finding.fix].compact.freeze) }
      end

      # @yield [Plan::Prescription] of each level
      # @yieldreturn [Finding, nil]
      def each_level(station, &block)
        station.levels.each_value.filter_map(&block)
      end
    end
  end
end
