# frozen_string_literal: true

module Sparrow
  module Planning
    # Blocks made for a circuit from what it loads, each move with its reason. An
    # offer: they are edited like any block.
    module Suggest
      # @return [Hash] a station in the document's form
      def self.station(movement, id, keys = {})
        {"id" => id, "movement" => movement.id, **keys, "levels" => movement.opening_prescriptions}
      end

      # @param role [String] "warm_up" or "cool_down"
      # @return [Array<Catalogue::Movement>] those whose opening versions keep to the class's conditions; all where none does
      def self.moves(timeline, catalogue, role)
        conditions = timeline.workout.conditions
        moves = catalogue.select { |movement| movement.role == role }
        kept = moves.select { |movement| Level::ALL.all? { |level| conditions.keeps?(movement.variation_for(level)) } }
        kept.any? ? kept : moves
      end

      # What works one side at any level has half its time for each.
      # @return [Hash] keys of a station
      def self.sides(movement)
        sided = Level::ALL.any? { |level| movement.variation_for(level).sides == "one_sided" }
        sided ? {"sides" => "split"} : {}
      end

      # @return [String] the first of name, name-2, name-3 … that no block has
      def self.free(name, taken)
        [name, *(2..40).map { |number| "#{name}-#{number}" }].find { |candidate| !taken.include?(candidate) }
      end

      # @return [String] “knee, hip and lower back”
      def self.list(names)
        words = names.map { |name| words(name) }
        (words.size == 1) ? words.first : Sparrow.say("common.these_and_that", these: words[..-2].join(", "), that: words.last)
      end

      def self.words(name)
        Sparrow.word(name)
      end
    end
  end
end
