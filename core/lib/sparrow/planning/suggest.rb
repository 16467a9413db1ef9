# frozen_string_literal: true

module Sparrow
  module Planning
    # Blocks made for a circuit from what it loads, each move with its reason. An
    # offer: they are edited like any block.
    module Suggest
      # @param opens [Hash{String => Hash}] what a station opens with at each level
      # @return [Hash] a station in the document's form
      def self.station(movement, id, keys = {}, opens: movement.opening_prescriptions)
        {"id" => id, "movement" => movement.id, **keys, "levels" => opens}
      end

      # @param role [String] "warm_up" or "cool_down"
      # @return [Hash{Catalogue::Movement => Hash}] movements with what a station of each opens with, within the class's conditions:
      #   easier versions where its own do not keep to them; all movements where none does. Compared by identity
      def self.moves(timeline, catalogue, role)
        moves = catalogue.select { |movement| movement.role == role }
        conditions = timeline.workout.conditions
        opens = conditions.any? ? WithinConditions.new(conditions, catalogue: catalogue).opens : {}
        kept = moves.select { |movement| opens.key?(movement.id) }
        (kept.any? ? kept : moves).each_with_object({}.compare_by_identity) { |movement, found| found[movement] = opens[movement.id] || movement.opening_prescriptions }
      end

      # What works one side at any level has half its time for each.
      # @return [Hash] keys of a station
      def self.sides(movement, opens = movement.opening_prescriptions)
        sided = opens.each_value.any? { |opening| movement.variation(opening.fetch("variation")).sides == "one_sided" }
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
