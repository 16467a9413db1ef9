# frozen_string_literal: true

module Sparrow
  module Formats
    module Intervals
      # One clock for all: work, rest, the next station. All lanes start a window
      # together; each stops at its own time; the window is the longest among the
      # lanes still going, and the others wait.
      class Layout
        # A place in the order; +others+ are the stations that other groups stand at
        # meanwhile, where groups rotate.
        Visit = Value.row(:station, :round, :others)

        # What the clock of a block hangs on: two blocks of one shape are laid out alike.
        # @return [Array, nil] nil where groups rotate, whose order names stations
        def self.shape(block)
          return if block.rotates?
          shape = [block.format.id, block.rounds, block.rounds_by_level, block.escalate, block.get_ready_s, block.round_rest_s, block.rest_after_last, block.switch_s]
          block.stations.each do |station|
            shape.push(station.id, station.in_rounds)
            station.levels.each { |level, prescription| shape.push(level, prescription.sides, prescription.stop_s, prescription.works, prescription.rests) }
          end
          shape
        end

        def initialize(block, start_s)
          @block = block
          @start_s = start_s
          @lanes = Level::ALL.to_h { |level| [level, Plan::LaneWriter.new(start_s)] }
          @windows = []
          @done = Level::ALL.to_h { |level| [level, []] }
          @two_windows = block.stations.to_h { |station| [station.id, station.levels.each_value.any? { |prescription| prescription.sides == "each" }] }
          @visits = (1..block.round_count).flat_map do |round|
            stations = block.stations_in(round)
            stations.map { |station| Visit.new(station, round, block.rotates? ? stations : [station]) }.select { |visit| block.rotates? || Level::ALL.any? { |level| taken(visit, level) } }
          end
          @last = Level::ALL.to_h { |level| [level, last_visit(level)] }
        end

        # @return [Plan::BlockLine]
        def call
          @lanes.each_value { |lane| lane.write("ready", @block.get_ready_s) }
          @visits.each_with_index do |visit, index|
            work(visit, index)
            rest(visit, index)
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

        # @return [Plan::Prescription, nil] what a lane does there, nil where it is through or sits it out
        def taken(visit, lane)
          visit.station.at(@block.level_taken(lane, visit.round)) if visit.round <= @block.rounds_for(lane)
        end

        # A lane is done with the last station of the last of its rounds that has one for it. Where groups
        # rotate each has another last station, and all go on together.
        # @return [Integer] an index into @visits, -1 where it has none
        def last_visit(level)
          @visits.rindex { |visit| @block.rotates? ? visit.round <= @block.rounds_for(level) : taken(visit, level) } || -1
        end

        def work(visit, index)
          going = Level::ALL.select { |level| index <= @last.fetch(level) }
          prescriptions = going.to_h { |lane| [lane, taken(visit, lane)] }.compact
          window_s = window_of(visit, going)
          start_s = now_s
          prescriptions.each { |lane, prescription| visited(lane, visit, prescription, window_s: window_s) }
          two_windows = prescriptions.each_value.any? { |prescription| prescription.sides == "each" } # never where groups rotate
          if two_windows
            a_window_a_side(visit, prescriptions, window_s, start_s: start_s)
          else
            one_window(visit, prescriptions, window_s, start_s: start_s)
          end
          taken_s = two_windows ? window_s * 2 + @block.switch_s : window_s
          @lanes.each { |level, lane| others(lane, visit, taken_s, level: (level if going.include?(level))) unless prescriptions.key?(level) }
        end

        # Who sits a station out waits for it to be over.
        # @param level [String, nil] whose lane it is; nil where it is through
        def others(lane, visit, seconds, level:)
          return lane.write("done", seconds) unless level
          lane.write("waiting", seconds, visit.station, round: visit.round, level: @block.level_taken(level, visit.round))
        end

        # Where groups rotate, all stations are worked at once: the window is the
        # longest of them all, so that one clock serves every group.
        def window_of(visit, going)
          taken = going.map { |lane| @block.level_taken(lane, visit.round) }
          visit.others.flat_map { |station| taken.filter_map { |level| station.at(level)&.work_in(visit.round) } }.max || 0
        end

        def visited(lane, visit, prescription, window_s:)
          worked_s = stretches(prescription, visit, window_s, two_windows: @two_windows.fetch(visit.station.id)).sum
          @done.fetch(lane) << Plan::Visit.new(visit.station, visit.round, prescription, prescription.reps_counted, @lanes.fetch(lane).now_s, worked_s)
        end

        def stretches(prescription, visit, window_s, two_windows: false)
          prescription.stretches(two_windows: two_windows, switch_s: @block.switch_s, window_s: window_s, round: visit.round)
        end

        def a_window_a_side(visit, prescriptions, window_s, start_s:)
          second_s = start_s + window_s + @block.switch_s
          prescriptions.each do |level, prescription|
            lane = @lanes.fetch(level)
            stretch(lane, visit, prescription, work_s: prescription.stop_s(visit.round), window_s: window_s, side: "first")
            lane.write("switch", @block.switch_s, visit.station, round: visit.round, level: prescription.level)
            stretch(lane, visit, prescription, work_s: prescription.stop_s(visit.round), window_s: window_s, side: "second")
          end
          {"first" => start_s, "second" => second_s}.each do |part, at_s|
            window(visit, prescriptions, part, start_s: at_s, seconds: window_s, stops: prescriptions.transform_values { |prescription| at_s + prescription.stop_s(visit.round) })
          end
        end

        def one_window(visit, prescriptions, window_s, start_s:)
          prescriptions.each do |level, prescription|
            lane = @lanes.fetch(level)
            if prescription.sides == "split"
              halves(lane, visit, prescription, window_s: window_s)
            else
              stretch(lane, visit, prescription, work_s: prescription.stop_s(visit.round), window_s: window_s)
            end
          end
          switched = prescriptions.each_value.any? { |prescription| prescription.sides == "split" }
          window(visit, prescriptions, "whole", start_s: start_s, seconds: window_s, stops: prescriptions.transform_values { |prescription| stop_of(prescription, visit, start_s, window_s: window_s) },
            switch_s: switched ? start_s + first_half(window_s) : nil)
        end

        # Half the window a side, an odd second to the first; the switch comes out
        # of the second half, or of what a lane that stops early would wait.
        def halves(lane, visit, prescription, window_s:)
          first, second = stretches(prescription, visit, window_s)
          stretch(lane, visit, prescription, work_s: first, window_s: first_half(window_s), side: "first")
          lane.write("switch", @block.switch_s, visit.station, round: visit.round, level: prescription.level)
          stretch(lane, visit, prescription, work_s: second, window_s: (window_s / 2) - @block.switch_s, side: "second")
        end

        def stop_of(prescription, visit, start_s, window_s:)
          return start_s + prescription.stop_s(visit.round) unless prescription.sides == "split"
          start_s + first_half(window_s) + @block.switch_s + stretches(prescription, visit, window_s).last
        end

        def first_half(window_s)
          (window_s + 1) / 2
        end

        def stretch(lane, visit, prescription, work_s:, window_s:, side: nil)
          lane.write("work", work_s, visit.station, round: visit.round, side: side, level: prescription.level)
            .write("waiting", window_s - work_s, visit.station, round: visit.round, side: side, level: prescription.level)
        end

        def window(visit, prescriptions, part, start_s:, seconds:, stops:, switch_s: nil)
          @windows << Plan::Window.new(
            @block, visit.station, visit.round, part, start_s, seconds, stops, switch_s, prescriptions
          ).freeze
        end

        # The gap is the longest rest among the lanes that go on. After the very
        # last station there is none, unless the block asks for it, and then it is
        # for those who went through to the end.
        def rest(visit, index)
          following = @visits[index + 1]
          return unless following || @block.rest_after_last
          resting = Level::ALL.select { |level| following ? index < @last.fetch(level) : index == @last.fetch(level) }
          ends_round = following.nil? || following.round != visit.round
          rests = resting.to_h { |level| [level, rest_of(level, visit, ends_round)] }
          gap_s = rests.values.max
          @lanes.each do |level, lane|
            next lane.write("done", gap_s) unless rests.key?(level)
            lane.write("rest", rests.fetch(level), visit.station, round: visit.round)
              .write("waiting", gap_s - rests.fetch(level), visit.station, round: visit.round)
          end
        end

        def rest_of(lane, visit, ends_round)
          return @block.round_rest_s if ends_round && @block.round_rest_s
          level = @block.level_taken(lane, visit.round)
          visit.others.filter_map { |station| station.at(level)&.rest_in(visit.round) }.max || 0
        end
      end
    end
  end
end
