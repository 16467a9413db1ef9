# frozen_string_literal: true

module Sparrow
  module Plan
    # What the document's shape cannot say: names that must be in the catalogue,
    # keys that need or exclude each other, ids that must differ.
    class References
      # @param document [Hash] in its normal form
      def initialize(document, catalogue)
        @document = document
        @catalogue = catalogue
      end

      # @return [Array<Problem>]
      def problems
        @problems = Standards::House.validation_errors(@document["house"] || {})
        blocks = @document.fetch("blocks")
        distinct_ids(blocks, "/blocks", "block")
        blocks.each_with_index { |block, index| block(block, "/blocks/#{index}") }
        @problems
      end

      private

      def block(block, at)
        stations = block["stations"] || []
        distinct_ids(stations, "#{at}/stations", "station")
        ordered_shares(block, at)
        rotation(block, stations, at)
        stations.each_with_index { |station, index| station(station, block, "#{at}/stations/#{index}") }
      end

      # Groups that move on together need one clock for all and every station in every round.
      def rotation(block, stations, at)
        return unless block["flow"] == "rotate"
        stations.each_with_index do |station, index|
          refuse("#{at}/stations/#{index}/in_rounds", "must be left out where groups rotate: every station stands in every round") if station["in_rounds"]
          sides = [station["sides"], *station.fetch("levels").each_value.map { |given| given["sides"] }]
          refuse("#{at}/stations/#{index}/sides", "cannot be a window a side where groups rotate: choose half a window a side") if sides.include?("each")
        end
      end

      def ordered_shares(holder, at)
        shares = Level::ALL.filter_map { |level| holder.fetch("shares", {})[level] }
        refuse("#{at}/shares", "must not fall from one level to the next") unless shares == shares.sort
      end

      def distinct_ids(entries, at, noun)
        seen = {}
        entries.each_with_index do |entry, index|
          refuse("#{at}/#{index}/id", "is the id of another #{noun} here") if seen[entry["id"]]
          seen[entry["id"]] = true
        end
      end

      def station(station, block, at)
        movement = movement_of(station, at)
        compound(station, at)
        mixed_sides(station, at)
        ordered_shares(station, at)
        Level::ALL.each do |level|
          given = station.fetch("levels")[level]
          next refuse("#{at}/levels/#{level}", "is missing: every station has all three levels") unless given
          prescription(given, movement, station, block, "#{at}/levels/#{level}")
        end
        Format.named(block["format"]).check_station(station, block) { |pointer, message| refuse("#{at}#{pointer}", message) }
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
        refuse("#{at}/parts", "make a compound of itself: name at least two different movements") if parts.map { |part| part["movement"] }.uniq.size < 2
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
        %w[reps hold_s quota].each do |key|
          held = given[key]
          refuse("#{at}/#{key}/min", "is above the maximum") if held.is_a?(Hash) && held["min"] > held["max"]
        end
        refuse("#{at}/hold_s", "excludes reps: give one or the other") if given["hold_s"] && given["reps"]
        if given["counting"] == "compound" && station["counting"] != "compound"
          refuse("#{at}/counting", "can be compound only where the station has parts")
        elsif station["parts"] && given["counting"] && given["counting"] != "compound"
          refuse("#{at}/counting", "must be compound, as its station's is")
        end
        Format.named(block["format"]).check_level(given, station, block) { |pointer, message| refuse("#{at}#{pointer}", message) }
      end

      def variation(given, movement, at)
        id = given["variation"]
        return refuse("#{at}/variation", "must be left out where parts are given") if id && movement.nil?
        return unless movement
        return refuse("#{at}/variation", "is missing") unless id
        return if movement.variation(id)
        refuse("#{at}/variation", "is not a version of #{movement.name}: choose one of #{movement.ladder.map(&:id).join(", ")}")
      end

      def refuse(pointer, message)
        @problems << Problem.new(pointer: pointer, message: message)
        nil
      end
    end
  end
end
