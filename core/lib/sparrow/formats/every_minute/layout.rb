# frozen_string_literal: true

module Sparrow
  module Formats
    module EveryMinute
      # A set starts at each minute, or at each other interval; what is left of it
      # is rest. A set that would take longer is cut at the next start.
      class Layout
        def initialize(block, start_s)
          @block = block
          @start_s = start_s
          @lanes = Level::ALL.to_h { |level| [level, Plan::LaneWriter.new(start_s)] }
          @done = Level::ALL.to_h { |level| [level, []] }
          @windows = []
        end

        # @return [Plan::BlockLine]
        def call
          @lanes.each_value { |lane| lane.write("ready", @block.get_ready_s) }
          (1..@block.round_count).each do |round|
            @block.stations_in(round).each { |station| start(station, round) }
          end
          Plan::BlockLine.new(
            block: @block, start_s: @start_s, total_s: now_s - @start_s,
            lanes: @lanes.transform_values { |lane| lane.segments.freeze }.freeze, visits: @done.freeze, windows: @windows.freeze,
            groups: @block.rotates? ? Rotation.new(@block, @windows).groups : nil
          )
        end

        private

        def now_s
          @lanes.each_value.first.now_s
        end

        def start(station, round)
          start_s = now_s
          prescriptions = {}
          stops = {}
          @lanes.each do |level, lane|
            next lane.write("done", @block.interval_s) if round > @block.rounds_for(level)
            taken = station.at(@block.level_taken(level, round)) or next lane.write("waiting", @block.interval_s, station, round: round, level: @block.level_taken(level, round))
            prescription = prescriptions[level] = taken
            work_s = [prescription.set_s, @block.interval_s].min
            stops[level] = start_s + work_s
            @done.fetch(level) << Plan::Visit.new(station, round, prescription, prescription.reps_counted, start_s, work_s)
            lane.write("work", work_s, station, round: round, level: prescription.level).write("rest", @block.interval_s - work_s, station, round: round)
          end
          @windows << Plan::Window.new(@block, station, round, "whole", start_s, @block.interval_s, stops, nil, prescriptions).freeze
        end
      end
    end
  end
end
