# frozen_string_literal: true

module Sparrow
  module Plan
    # How much work a document asks for, counted before any of it is done: the
    # windows that would be laid out, for each level or group, over all blocks.
    # It reads whatever it is given, sound or not, and takes no longer than one
    # look at each station.
    class Budget
      # A class of six hours with a window every eleven seconds, in three levels.
      MOST_LEVEL_WINDOWS = 6000
      # What fits in one block (the document's form refuses a longer one), and in all together.
      IN_A_BLOCK = 60
      MOST_STATIONS = 120

      # @param document [Object] parsed JSON
      def initialize(document)
        @blocks = document.is_a?(Hash) ? list(document["blocks"]) : []
      end

      # @return [Integer] windows × levels (or groups) over all blocks
      def level_windows
        @blocks.sum { |block| windows(block) }
      end

      # @return [Problem, nil] where it is more than can be answered in time; it points to the block that goes over
      def problem
        windows = stations = 0
        @blocks.each_with_index do |block, index|
          windows += windows(block)
          stations += [list(block.is_a?(Hash) ? block["stations"] : nil).size, IN_A_BLOCK].min
          return over(index, "rounds", Sparrow.say("plan.makes_the_class_windows_windows_for", windows: windows, most_level_windows: MOST_LEVEL_WINDOWS)) if windows > MOST_LEVEL_WINDOWS
          return over(index, "stations", Sparrow.say("plan.makes_stations_stations_at_most_most_stations", stations: stations, most_stations: MOST_STATIONS)) if stations > MOST_STATIONS
        end
        nil
      end

      private

      def over(index, key, message)
        Problem.new(pointer: "/blocks/#{index}/#{key}", message: message)
      end

      def list(value)
        value.is_a?(Array) ? value : []
      end

      def windows(block)
        return 0 unless block.is_a?(Hash)
        stations = list(block["stations"]).first(IN_A_BLOCK)
        groups = (block["flow"] == "rotate") ? [stations.size, Level::ALL.size].max : Level::ALL.size
        rounds(block) * groups * stations.sum { |station| parts(station) }
      end

      # A window for each side, and a set of its own for each split.
      def parts(station)
        return 1 unless station.is_a?(Hash)
        levels = station["levels"].is_a?(Hash) ? station["levels"].values.grep(Hash) : []
        sides = ([station, *levels].any? { |held| held["sides"] == "each" }) ? 2 : 1
        [sides, *levels.map { |level| list(level["splits"]).size }].max
      end

      def rounds(block)
        by_level = block["rounds_by_level"].is_a?(Hash) ? block["rounds_by_level"].values : []
        [block["rounds"], *by_level].grep(Numeric).select { |number| number.is_a?(Integer) || number.finite? }.max&.ceil&.clamp(1, 1_000_000) || 1
      end
    end
  end
end
