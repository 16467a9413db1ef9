# frozen_string_literal: true

module Sparrow
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
        @line.windows.flat_map do |window|
          calls = [*announce(window, before_s), countdown(window, before_s), call(window, window.start_s, "go", @line.block.rotates? ? "Go" : "Go: #{window.station.name}")]
          before_s = window.end_s
          calls.compact
        end
      end

      private

      def announce(window, at_s)
        return [] if window.part == "second"
        [round(window, at_s), last_station(window, at_s), call(window, at_s, "next", "Next: #{versions(window)}")]
      end

      def versions(window)
        return "everybody moves on to the next station" if @line.block.rotates?
        # The same lanes hear the same of a station in every round.
        (@versions ||= {})[[window.station.id, *window.takes.each_value.map(&:level)]] ||= begin
          names = window.takes.each_value.map { |take| take.variation ? take.variation.name : window.station.name }.uniq
          "#{window.station.name}. #{names.join(" / ")}"
        end
      end

      def round(window, at_s)
        rounds = @line.block.round_count
        return if rounds == 1 || !first_of_round?(window)
        return call(window, at_s, "last_round", "Last round") if window.round == rounds
        call(window, at_s, "round", "Round #{window.round} of #{rounds}")
      end

      def first_of_round?(window)
        first_windows.fetch(window.round).equal?(window)
      end

      def first_windows
        @first_windows ||= @line.windows.group_by(&:round).transform_values(&:first)
      end

      def last_station(window, at_s)
        call(window, at_s, "last_station", "Last station") if window.equal?(last_window) && @line.windows.size > 1
      end

      def last_window
        @last_window ||= @line.windows.reverse_each.find { |window| window.part != "second" }
      end

      # As much of 3-2-1 as the gap has room for.
      def countdown(window, before_s)
        count = [COUNT_FROM, window.start_s - before_s].min
        call(window, window.start_s - count, "countdown", COUNTS.fetch(count)) if count.positive?
      end

      def call(window, at_s, kind, text)
        Cue.new(at_s, kind, text, nil, window.block.id, window.station.id, window.round)
      end
    end
  end
end
