# frozen_string_literal: true

module Sparrow
  module Schema
    # Writes shapes down as JSON Schema, draft 2020-12. A null is the same as a key left out,
    # and is taken away before a document is held to it.
    class JsonSchema
      DRAFT = "https://json-schema.org/draft/2020-12/schema"

      # @param named [Hash{String => #json_schema}] shapes that are defined once and referred to
      # @param about [Hash{String => String}] what some of them are
      def initialize(named, about: {})
        @named = named
        @about = about
        @names = named.to_h { |name, shape| [shape, name] }.compare_by_identity
      end

      # @return [Hash] a reference where the shape has a name
      def of(shape)
        name = @names[shape]
        name ? {"$ref" => "#{place}#{name}"} : shape.json_schema(self)
      end

      # @param schema [Hash] of what a record holds at a key
      # @return [Hash] as it stands there
      def within(_record, _key, schema)
        schema
      end

      # @param others [Hash{String => #json_schema}] shapes by the JSON type that has another than +plain+
      def either(plain, others)
        others.reduce(of(plain)) { |otherwise, (type, shape)| {"if" => {"type" => type}, "then" => of(shape), "else" => otherwise} }
      end

      # @param root [#json_schema]
      # @param head [Hash] "$id", "title", "description"
      # @return [Hash] the whole schema
      def document(root, head)
        {"$schema" => DRAFT, **head, **root.json_schema(self), "$defs" => definitions}
      end

      # @return [Hash{String => Hash}] of each named shape
      def definitions
        @named.to_h { |name, shape| [name, definition(name, shape)] }
      end

      private

      def place
        "#/$defs/"
      end

      def definition(name, shape)
        @about.key?(name) ? {**shape.json_schema(self), "description" => @about.fetch(name)} : shape.json_schema(self)
      end
    end
  end
end
