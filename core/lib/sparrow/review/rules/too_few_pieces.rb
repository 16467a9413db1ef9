# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # More people than there are pieces of kit.
      class TooFewPieces < OrderRule
        TOPIC = "kit"
        SOURCE = "arithmetic"

        def findings
          there = @workout.conditions.kit or return []
          needs = Plan::Kit.new(@workout, kept: @kept)
          @workout.blocks.flat_map do |block|
            needs.of(block).filter_map do |need|
              has = there[need["equipment"]] or next
              asked = need[block.rotates? ? "rotate" : "together"]
              short(block, need, has: has, asked: asked) if asked > has
            end
          end
        end

        private

        def short(block, need, has:, asked:)
          finding("warn", Place.block(block), Sparrow.say("review.pieces_are_needed_and_there_are", asked: asked, piece: Sparrow.word(need["equipment"]), has: has), about: need["equipment"],
            why: Sparrow.say("review.people_would_stand_and_wait_for_it"), fix: -> { fixes(block, need["equipment"]) })
        end

        # In groups where that is enough; else versions that need less of it.
        def fixes(block, piece)
          rotating = block.format.block_shapes.key?("flow") && !block.rotates? && block.stations.size > 1
          [(Fix.set(Sparrow.say("review.in_groups_from_station_to_station"), ["#{block.pointer}/flow", "rotate"]) if rotating), versions(block, piece), *others(block, piece)].compact
        end

        # Another movement where one station alone asks for it.
        def others(block, piece)
          asking = block.stations.select { |station| station.levels.each_value.any? { |cell| cell.variations.any? { |variation| variation.pieces.include?(piece) } } }
          return [] unless asking.size == 1 && asking.first.movement
          fresh = NewStation.new(@facts)
          fresh.movements { |movement| movement.pattern == asking.first.movement.pattern && Level::ALL.none? { |level| movement.variation_for(level).pieces.include?(piece) } }
            .map { |movement| fresh.instead(movement, block, asking.first) }
        end

        def versions(block, piece)
          pairs = block.stations.flat_map do |station|
            station.levels.each_value.filter_map do |prescription|
              next unless prescription.variation&.pieces&.include?(piece)
              without = prescription.movement.ladder.select { |variation| !variation.pieces.include?(piece) && variation.measure == prescription.variation.measure && variation.demand_value <= prescription.variation.demand_value }
              return nil if without.empty?
              ["#{prescription.pointer}/variation", without.last.id]
            end
          end
          Fix.set(Sparrow.say("review.take_versions_without_piece", piece: Sparrow.word(piece)), *pairs) if pairs.any?
        end
      end
    end
  end
end
