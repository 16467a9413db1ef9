# frozen_string_literal: true

require "json_schemer"

module Sparrow
  class Catalogue
    # Reads a folder of YAML, one file a movement family, into values.
    module Files
      SCHEMA = File.join(DATA, "formats", "movement.schema.json")

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
      # @return [Array<String>] what the schema refuses, empty where it is sound
      def self.validation_errors(document)
        errors(document).map { |error| error.fetch("error") }
      end

      # @return [Array<Hash>] with "data_pointer" and "error" each
      def self.errors(document)
        @schemer ||= JSONSchemer.schema(Pathname(SCHEMA))
        @schemer.validate(document).to_a
      end

      # @param document [Hash] one parsed file
      # @return [Movement]
      def self.movement(document)
        fields = document.except("ladder").transform_keys(&:to_sym)
        rungs = document.fetch("ladder").map { |rung| variation(document, rung) }
        deep_freeze(Movement.new(role: "main", also: [], **fields, ladder: rungs))
      end

      def self.variation(document, rung)
        fields = rung.transform_keys(&:to_sym)
        Variation.new(strains: [], **fields, id: "#{document.fetch("id")}.#{rung.fetch("id")}", movement_id: document.fetch("id"),
          pattern: document.fetch("pattern"), tempo: rung["tempo"] && Tempo.parse(rung["tempo"]))
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
