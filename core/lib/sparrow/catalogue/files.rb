# frozen_string_literal: true

module Sparrow
  class Catalogue
    # Reads a folder of YAML, one file a movement family, into values.
    module Files
      # @param folder [String]
      # @return [Catalogue]
      def self.read(folder)
        Catalogue.new(paths(folder).map { |path| movement(YAML.safe_load_file(path)) })
      end

      # @return [Array<String>] in a fixed order
      def self.paths(folder)
        Dir.glob(File.join(folder, "*.yml")).sort
      end

      # @param document [Hash] one parsed file
      # @return [Movement]
      def self.movement(document)
        fields = document.except("ladder").transform_keys(&:to_sym)
        variations = document.fetch("ladder").map { |variation| variation(document, variation) }
        deep_freeze(Movement.new(role: "main", also: [], **fields, ladder: variations))
      end

      def self.variation(document, variation)
        fields = variation.transform_keys(&:to_sym)
        kit = variation.fetch("kit").map { |piece| Variation::Piece.new(piece["item"], piece["count"], piece["load_kg"]) }
        Variation.new(also: [], through: [], unflagged: {}, **fields, kit: kit, equipment: kit.map(&:item).uniq,
          faults: variation.fetch("faults").map { |fault| Variation::Fault.new(fault["see"], fault["say"]) }, id: "#{document.fetch("id")}.#{variation.fetch("id")}", movement_id: document.fetch("id"),
          pattern: document.fetch("pattern"), tempo: variation["tempo"] && Tempo.parse(variation["tempo"]))
      end

      def self.deep_freeze(value)
        value.each { |item| deep_freeze(item) } if value.is_a?(Array) || value.is_a?(Struct)
        value.each_value { |item| deep_freeze(item) } if value.is_a?(Hash)
        value.freeze
      end
      private_class_method :variation, :deep_freeze
    end
  end
end
