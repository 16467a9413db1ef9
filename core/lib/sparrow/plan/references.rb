# frozen_string_literal: true

module Sparrow
  module Plan
    # What the document's shape cannot say: names that must be in the catalogue,
    # keys that need or exclude each other, ids that must differ.
    class References
      # @param document [Hash] in its normal form
      # @param known [Hash{Hash => Object}] the blocks and stations that were found sound before, compared by identity
      def initialize(document, catalogue, known = {})
        @document = document
        @catalogue = catalogue
        @known = known
      end

      # @return [Array<Problem>]
      def problems
        @problems = Standards::House.validation_errors(@document["house"] || {})
        blocks = @document.fetch("blocks")
        distinct_ids(blocks, "/blocks", "block")
        blocks.each_with_index { |block, index| block(block, "/blocks/#{index}") unless @known.key?(block) }
        @problems
      end

      private

      def block(block, at)
        stations = block["stations"] || []
        distinct_ids(stations, "#{at}/stations", "station")
        ordered_shares(block, at)
        Format.named(block["format"]).check_block(block) { |pointer, message| refuse("#{at}#{pointer}", message) }
        rotation(block, stations, at)
        stations.each_with_index { |station, index| station(station, block, "#{at}/stations/#{index}") unless @known.key?(station) }
      end

      # Groups that move on together need one clock for all and every station in every round.
      def rotation(block, stations, at)
        return unless block["flow"] == "rotate"
        stations.each_with_index do |station, index|
          refuse("#{at}/stations/#{index}/in_rounds", Sparrow.say("plan.must_be_left_out_where_groups")) if station["in_rounds"]
          sides = [station["sides"], *station.fetch("levels").each_value.map { |input| input["sides"] }]
          refuse("#{at}/stations/#{index}/sides", Sparrow.say("plan.cannot_be_a_window_a_side")) if sides.include?("each")
        end
      end

      def ordered_shares(holder, at)
        shares = Level::ALL.filter_map { |level| holder.fetch("shares", {})[level] }
        refuse("#{at}/shares", Sparrow.say("common.must_not_fall_from_one_level")) unless shares == shares.sort
      end

      def distinct_ids(entries, at, noun)
        seen = {}
        entries.each_with_index do |entry, index|
          refuse("#{at}/#{index}/id", Sparrow.say("plan.is_the_id_of_another_noun", noun: noun)) if seen[entry["id"]]
          seen[entry["id"]] = true
        end
      end

      def station(station, block, at)
        movement = movement_of(station, at)
        compound(station, at)
        mixed_sides(station, at)
        ordered_shares(station, at)
        alternatives(station, at)
        Level::ALL.each do |level|
          input = station.fetch("levels")[level]
          next refuse("#{at}/levels/#{level}", Sparrow.say("plan.is_missing_every_station_has_all")) unless input
          prescription(input, movement, station, block: block, at: "#{at}/levels/#{level}")
        end
        refuse("#{at}/levels", Sparrow.say("plan.all_sit_out")) if Level::ALL.all? { |level| station.fetch("levels").dig(level, "sits_out") }
        Format.named(block["format"]).check_station(station, block) { |pointer, message| refuse("#{at}#{pointer}", message) }
      end

      def movement_of(station, at)
        return if station["parts"] && !station["movement"]
        return refuse("#{at}/movement", Sparrow.say("plan.is_missing")) unless station["movement"]
        @catalogue.movement(station["movement"]) || refuse("#{at}/movement", Sparrow.say("plan.is_not_a_movement_in_the"))
      end

      def compound(station, at)
        parts = station["parts"]
        return refuse("#{at}/parts", Sparrow.say("plan.are_needed_for_a_compound_count")) if station["counting"] == "compound" && !parts
        return unless parts
        refuse("#{at}/counting", Sparrow.say("plan.must_be_compound_where_parts_are")) unless station["counting"] == "compound"
        refuse("#{at}/movement", Sparrow.say("plan.must_be_left_out_where_parts")) if station["movement"]
        parts(parts, at)
      end

      def parts(parts, at)
        refuse("#{at}/parts", Sparrow.say("plan.make_a_compound_of_itself_name")) if parts.map { |part| part["movement"] }.uniq.size < 2
        parts.each_with_index do |part, index|
          next if @catalogue.movement(part["movement"])
          refuse("#{at}/parts/#{index}/movement", Sparrow.say("plan.is_not_a_movement_in_the"))
        end
      end

      # One for a joint, and never what loads it.
      def alternatives(station, at)
        (station["alternatives"] || []).each_with_index do |held, index|
          pointer = "#{at}/alternatives/#{index}"
          variation = @catalogue.variation(held["variation"])
          next refuse("#{pointer}/variation", Sparrow.say("plan.is_not_a_version_in_the_catalogue")) unless variation
          refuse("#{pointer}/variation", Sparrow.say("plan.loads_what_it_is_to_spare", joint: Sparrow.word(held["for"]))) if variation.joints.include?(held["for"])
          refuse("#{pointer}/for", Sparrow.say("plan.has_an_alternative_already")) if station["alternatives"].first(index).any? { |other| other["for"] == held["for"] }
        end
      end

      # Half a window a side and a whole window a side cannot share one clock.
      def mixed_sides(station, at)
        sides = station.fetch("levels").transform_values { |input| input["sides"] || station["sides"] }
        return unless sides.value?("split") && sides.value?("each")
        refuse("#{at}/sides", Sparrow.say("plan.mixes_split_and_each_one_station"))
      end

      def prescription(input, movement, station, block:, at:)
        version(input, movement, station, at: at)
        %w[reps hold_s quota].each do |key|
          held = input[key]
          refuse("#{at}/#{key}/min", Sparrow.say("plan.is_above_the_maximum")) if held.is_a?(Hash) && held["min"] > held["max"]
        end
        refuse("#{at}/hold_s", Sparrow.say("plan.excludes_reps_give_one_or_the")) if input["hold_s"] && input["reps"]
        counting(input, station, at)
        Format.named(block["format"]).check_level(input, station, block) { |pointer, message| refuse("#{at}#{pointer}", message) }
      end

      # Parts are counted as one, and nothing else is.
      def counting(input, station, at)
        compound = input["parts"] || (station["parts"] && !input["variation"])
        if input["counting"] == "compound" && !compound
          refuse("#{at}/counting", Sparrow.say("plan.can_be_compound_only_where_the"))
        elsif compound && input["counting"] && input["counting"] != "compound"
          refuse("#{at}/counting", Sparrow.say("plan.must_be_compound_as_its_stations"))
        end
      end

      # A version of any movement, or parts of the level's own; else the station's parts; who sits out needs none.
      def version(input, movement, station, at:)
        id, own = input.values_at("variation", "parts")
        parts(own, at) if own
        return refuse("#{at}/variation", Sparrow.say("plan.must_be_left_out_where_parts")) if id && own
        return if own || (id.nil? && (input["sits_out"] || station["parts"]))
        return (refuse("#{at}/variation", Sparrow.say("plan.is_missing")) if movement) unless id
        return if @catalogue.variation(id)
        return refuse("#{at}/variation", Sparrow.say("plan.is_not_a_version_in_the_catalogue")) unless movement
        refuse("#{at}/variation", Sparrow.say("plan.is_not_a_version_of_name", name: movement.name, map: movement.ladder.map(&:id).join(", ")))
      end

      def refuse(pointer, message)
        @problems << Problem.new(pointer: pointer, message: message)
        nil
      end
    end
  end
end
