# frozen_string_literal: true

module Sparrow
  module Formats
    module Quota
      # A day's total in sets of any size: it has no place on the clock. What is
      # predicted is a plan of sets for each station and level.
      class Layout
        def initialize(block, start_s)
          @block = block
          @start_s = start_s
        end

        # @return [Plan::BlockLine] of no length
        def call
          Plan::BlockLine.new(
            block: @block, start_s: @start_s, total_s: 0, lanes: Level::ALL.to_h { |level| [level, [].freeze] }.freeze,
            visits: {}.freeze, windows: [].freeze,
            forecast: Level::ALL.to_h { |level| [level, Plan::Forecast.new(stations: @block.stations.filter_map { |station| plan(station, station.at(level)) if station.at(level) }.freeze)] }.freeze
          )
        end

        private

        # A lighter day aims at the minimum, a heavier one at the maximum.
        def plan(station, prescription)
          goal = (@block.day == "lighter") ? prescription.quota.min : prescription.quota.max
          Plan::Forecast::Sets.new(station: station.id, minimum: prescription.quota.min, maximum: prescription.quota.max, goal: goal,
            sets: Capacity::Sets.comfortable(prescription, goal))
        end
      end
    end
  end
end
