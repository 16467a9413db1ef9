# frozen_string_literal: true

module Sparrow
  module Schema
    # Writes shapes down as components of an OpenAPI description, from which types are made:
    # a choice is an alternative there, and no condition.
    class Components < JsonSchema
      def either(plain, others)
        {"anyOf" => [plain, *others.each_value].map { |shape| of(shape) }}
      end

      private

      def place
        "#/components/schemas/"
      end
    end
  end
end
