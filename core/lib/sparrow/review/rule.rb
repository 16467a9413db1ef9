# frozen_string_literal: true

module Sparrow
  module Review
    # What all rules share: the plan they look at, and a finding in their name.
    class Rule
      # @param capacity [Capacity::Lanes] the levels' house profiles on this timeline
      # @param kept [Plan::KeptBlocks] where what was found before is found
      def initialize(timeline, catalogue, capacity, kept: Plan::KeptBlocks::NONE)
        @kept = kept
        @capacity = capacity
        @timeline = timeline
        @workout = timeline.workout
        @catalogue = catalogue
      end

      # @return [Array<Finding>]
      def findings
        raise NotImplementedError, "#{self.class} looks for nothing"
      end

      # @return [String] the rule's name, "odd_count_on_alternating"
      def self.slug
        @slug ||= name.split("::").last.gsub(/(?<!\A)[A-Z]/) { |letter| "_#{letter}" }.downcase
      end

      private

      def finding(severity, place, what, why:, fix: nil)
        Finding.new(rule: self.class.slug, severity: severity, place: place, what: what, why: why, fix: fix)
      end

      # @yield [Plan::Block, Plan::Station, Plan::Prescription] every cell of the plan
      def each_cell
        return to_enum(:each_cell) unless block_given?
        @workout.each_station { |block, station| Level::ALL.each { |level| yield block, station, station.at(level) } }
      end
    end
  end
end
