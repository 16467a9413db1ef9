# frozen_string_literal: true

module Sparrow
  class Catalogue
    # The words that a movement's file may use, from its schema.
    module Vocabulary
      PATH = File.join(DATA, "formats", "movement.schema.json")
      OF_MOVEMENT = %w[pattern plane role].freeze
      OF_VERSION = %w[impact position space sides counting measure].freeze
      LISTS = %w[levels joints strains equipment].freeze

      # @return [Hash{String => Array<String>}] by the key that takes them; "spared" are the joints for which each movement names a way round
      def self.to_h
        schema = JSON.parse(File.read(PATH))
        movement = schema.fetch("properties")
        version = schema.dig("$defs", "rung", "properties")
        single = OF_MOVEMENT.to_h { |key| [key, movement.dig(key, "enum")] }.merge(OF_VERSION.to_h { |key| [key, version.dig(key, "enum")] })
        single.merge(LISTS.to_h { |key| [key, version.dig(key, "items", "enum")] }, "spared" => movement.dig("spares", "required"))
      end
    end
  end
end
