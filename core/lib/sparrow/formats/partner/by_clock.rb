# frozen_string_literal: true

module Sparrow
  module Formats
    module Partner
      # One clock for every pair: a turn lasts as long as the longest level works, and a level that stops before that waits.
      class ByClock
        LABELS = [Sparrow.say("formats.first_partner"), Sparrow.say("formats.second_partner")].freeze

        def initialize(block, start_s)
          @block = block
          @start_s = start_s
          @lanes = Level::ALL.to_h { |level| [level, Plan::LaneWriter.new(start_s)] }
          @visits = Level::ALL.to_h { |level| [level, []] }
          @windows = []
        end

        # @return [Plan::BlockLine]
        def call
          @lanes.each_value { |lane| lane.write("ready", @block.get_ready_s) }
          order = (1..@block.rounds).flat_map { |round| @block.stations_in(round).map { |station| [station, round] } }
          order.each_with_index do |(station, round), index|
            turns(station, round)
            way_on(station, round, order[index + 1])
          end
          Plan::BlockLine.new(
            block: @block, start_s: @start_s, total_s: now_s - @start_s, lanes: @lanes.transform_values { |lane| lane.segments.freeze }.freeze,
            visits: @visits.freeze, windows: @windows.freeze, groups: groups
          )
        end

        private

        def now_s
          @lanes.each_value.first.now_s
        end

        # First, second, first, second …, with the change over between.
        def turns(station, round)
          prescriptions = station.levels
          turn_s = prescriptions.each_value.map(&:work_s).max
          (@block.own.fetch("turns") * LABELS.size).times do |turn|
            @lanes.each_value { |lane| lane.write("transition", @block.switch_s, station, round: round) } if turn.positive?
            window(prescriptions, station, round, turn: turn, turn_s: turn_s)
            prescriptions.each { |level, prescription| turn.even? ? work(level, prescription, station, round: round, turn_s: turn_s) : @lanes.fetch(level).write("rest", turn_s, station, round: round) }
            @lanes.except(*prescriptions.keys).each_value { |lane| lane.write("waiting", turn_s, station, round: round) }
          end
        end

        def window(prescriptions, station, round, turn:, turn_s:)
          stops = prescriptions.transform_values { |prescription| now_s + prescription.stop_s }
          @windows << Plan::Window.new(@block, station, round, LABELS[turn % LABELS.size], now_s, turn_s, stops, nil, prescriptions).freeze
        end

        def work(level, prescription, station, round:, turn_s:)
          lane = @lanes.fetch(level)
          @visits.fetch(level) << Plan::Visit.new(station, round, prescription, prescription.reps_counted, lane.now_s, prescription.stop_s)
          lane.write("work", prescription.stop_s, station, round: round, level: level).write("waiting", turn_s - prescription.stop_s, station, round: round)
        end

        def way_on(station, round, following)
          return unless following
          rest_s = (following.last != round && @block.round_rest_s) || station.levels.each_value.map { |prescription| prescription.rest_in(round) }.max
          @lanes.each_value { |lane| lane.write("rest", rest_s, station, round: round) }
        end

        # @return [Array<Plan::Group>] the two of a pair, with the turns of each
        def groups
          LABELS.map do |label|
            stops = @windows.select { |window| window.part == label }.map do |window|
              Plan::Group::Stop.new(start_s: window.start_s, seconds: window.seconds, round: window.round, station: window.station)
            end
            Plan::Group.new(label: label, stops: stops.freeze)
          end.freeze
        end
      end
    end
  end
end
