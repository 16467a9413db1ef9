# frozen_string_literal: true

module Sparrow
  class Catalogue
    # The words that a movement's file may use, for the lists that forms offer.
    module Vocabulary
      # @return [Hash{String => Array<String>}] by the key that takes them; "spared" are the joints for which each movement names a way round
      def self.to_h
        {
          "pattern" => Movement::PATTERNS, "plane" => Movement::PLANES, "role" => Movement::ROLES, "impact" => Variation::IMPACTS, "position" => Variation::POSITIONS,
          "space" => Variation::SPACES, "sides" => Variation::SIDES, "counting" => Counting::RULES - %w[compound], "measure" => Variation::MEASURES, "levels" => Level::ALL,
          "joints" => Variation::JOINTS, "muscles" => Variation::MUSCLES, "strains" => Variation::STRAINS, "equipment" => Variation::EQUIPMENT, "weight_on" => Variation::WEIGHT_ON, "spared" => Movement::SPARED
        }
      end
    end
  end
end
