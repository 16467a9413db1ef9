# frozen_string_literal: true

module Sparrow
  module Plan
    module Cues
      # What is called on the way to a window: what comes next in its three
      # versions, which round, 3-2-1 and go.
      class Approach
        # Seconds counted down aloud before a window begins or a level stops.
        COUNT_FROM = 3
        COUNTS = {3 => "3-2-1", 2 => "2-1", 1 => "1"}.freeze

        def initialize(line)
          @line = line
        end

        # @return [Array<Cue>]
        def cues
          before_s = @line.start_s
          @line.windows.each_with_object([]) do |window, calls|
            announce(window, before_s, calls) unless window.part == "second"
            # As much of 3-2-1 as the gap has room for.
            count = [COUNT_FROM, window.start_s - before_s].min
            calls << call(window, window.start_s - count, "countdown", text: COUNTS.fetch(count)) if count.positive?
            calls << call(window, window.start_s, "go", text: go(window))
            before_s = window.end_s
          end
        end

        private

        def announce(window, at_s, calls)
          calls << round(window, at_s) if first_of_round?(window) && @line.block.round_count > 1
          calls << call(window, at_s, "last_station", text: Sparrow.say("plan.last_station")) if window.equal?(last_window) && @line.windows.size > 1
          calls << call(window, at_s, "next", text: versions(window))
        end

        def go(window)
          return Sparrow.say("plan.go") if @line.block.rotates?
          (@gos ||= {})[window.station.id] ||= Sparrow.say("plan.go_name", name: window.station.name)
        end

        def versions(window)
          return Sparrow.say("plan.next_everybody_moves_on_to_the") if @line.block.rotates?
          # The same levels hear the same of a station in every round.
          known = (@versions ||= {})[window.station.id] ||= {}
          known[window.prescriptions.each_value.sum { |prescription| 1 << Level.rank(prescription.level) }] ||= begin
            names = window.prescriptions.each_value.map { |prescription| prescription.variation ? prescription.variation.name : window.station.name }.uniq
            Sparrow.say("plan.next_name_names", name: window.station.name, names: names.join(" / "))
          end
        end

        def round(window, at_s)
          rounds = @line.block.round_count
          return call(window, at_s, "last_round", text: Sparrow.say("plan.last_round")) if window.round == rounds
          call(window, at_s, "round", text: Sparrow.say("plan.round_window_of_rounds", window: window.round, rounds: rounds))
        end

        def first_of_round?(window)
          first_windows.fetch(window.round).equal?(window)
        end

        def first_windows
          @first_windows ||= @line.windows.group_by(&:round).transform_values(&:first)
        end

        def last_window
          @last_window ||= @line.windows.reverse_each.find { |window| window.part != "second" }
        end

        def call(window, at_s, kind, text:)
          Cue.new(at_s, kind, text, nil, window.block.id, window.station.id, window.round)
        end
      end
    end
  end
end
