# frozen_string_literal: true

module Sparrow
  module Circuit
    # What the document's shape cannot say: names that must be in the catalogue,
    # keys that need or exclude each other, ids that must differ.
    class References
      # A class of six hours with a window each 7 seconds; more is a slip of the hand.
      MOST_WINDOWS = 3000

      # @param document [Hash] in its normal form
      def initialize(document, catalogue)
        @document = document
        @catalogue = catalogue
      end

      # @return [Array<Problem>]
      def problems
        @problems = []
        blocks = @document.fetch("blocks")
        distinct_ids(blocks, "/blocks", "block")
        blocks.each_with_index { |block, index| block(block, "/blocks/#{index}") }
        @problems
      end

      private

      def block(block, at)
        stations = block["stations"] || []
        distinct_ids(stations, "#{at}/stations", "station")
        too_many_windows(block, stations, at)
        stations.each_with_index { |station, index| station(station, block, "#{at}/stations/#{index}") }
      end

      def distinct_ids(entries, at, noun)
        seen = {}
        entries.each_with_index do |entry, index|
          refuse("#{at}/#{index}/id", "is the id of another #{noun} here") if seen[entry["id"]]
          seen[entry["id"]] = true
        end
      end

      def too_many_windows(block, stations, at)
        return if stations.empty?
        rounds = [block["rounds"], *block.fetch("rounds_by_level", {}).values].max
        return if rounds * stations.size <= MOST_WINDOWS
        refuse("#{at}/rounds", "makes #{rounds * stations.size} windows; at most #{MOST_WINDOWS} fit in a block")
      end

      def station(station, block, at)
        movement = movement_of(station, at)
        compound(station, at)
        mixed_sides(station, at)
        Level::ALL.each do |level|
          given = station.fetch("levels")[level]
          next refuse("#{at}/levels/#{level}", "is missing: every station has all three levels") unless given
          prescription(given, movement, station, block, "#{at}/levels/#{level}")
        end
      end

      def movement_of(station, at)
        return if station["parts"] && !station["movement"]
        return refuse("#{at}/movement", "is missing") unless station["movement"]
        @catalogue.movement(station["movement"]) || refuse("#{at}/movement", "is not a movement in the catalogue")
      end

      def compound(station, at)
        parts = station["parts"]
        return refuse("#{at}/parts", "are needed for a compound count") if station["counting"] == "compound" && !parts
        return unless parts
        refuse("#{at}/counting", "must be compound where parts are given") unless station["counting"] == "compound"
        refuse("#{at}/movement", "must be left out where parts are given") if station["movement"]
        parts.each_with_index do |part, index|
          next if @catalogue.movement(part["movement"])
          refuse("#{at}/parts/#{index}/movement", "is not a movement in the catalogue")
        end
      end

      # Half a window a side and a whole window a side cannot share one clock.
      def mixed_sides(station, at)
        sides = station.fetch("levels").transform_values { |given| given["sides"] || station["sides"] }
        return unless sides.value?("split") && sides.value?("each")
        refuse("#{at}/sides", "mixes split and each: one station takes one window or two")
      end

      def prescription(given, movement, station, block, at)
        variation(given, movement, at)
        reps = given["reps"]
        refuse("#{at}/reps/min", "is above the maximum") if reps.is_a?(Hash) && reps["min"] > reps["max"]
        refuse("#{at}/hold_s", "excludes reps: give one or the other") if given["hold_s"] && reps
        if given["counting"] == "compound" && station["counting"] != "compound"
          refuse("#{at}/counting", "can be compound only where the station has parts")
        elsif station["parts"] && given["counting"] && given["counting"] != "compound"
          refuse("#{at}/counting", "must be compound, as its station's is")
        end
        switch(given, station, block, at)
      end

      def variation(given, movement, at)
        id = given["variation"]
        return refuse("#{at}/variation", "must be left out where parts are given") if id && movement.nil?
        return unless movement
        return refuse("#{at}/variation", "is missing") unless id
        return if movement.variation(id)
        refuse("#{at}/variation", "is not a rung of #{movement.name}: choose one of #{movement.ladder.map(&:id).join(", ")}")
      end

      def switch(given, station, block, at)
        return unless (given["sides"] || station["sides"]) == "split"
        stop = given["work_s"] || given["hold_s"]&.*(2) || station["work_s"] || block["work_s"]
        switch_s = block.fetch("switch_s", 0)
        return if switch_s < stop / 2
        field = given["work_s"] ? "work_s" : "sides"
        refuse("#{at}/#{field}", "leaves no second side: half of #{stop} s, less #{switch_s} s to switch")
      end

      def refuse(pointer, message)
        @problems << Problem.new(pointer: pointer, message: message)
        nil
      end
    end
  end
end
