# frozen_string_literal: true

module Sparrow
  module Schema
    # Writes shapes down as components of an OpenAPI description, from which types are made:
    # a choice is an alternative there, and no condition.
    class Components < JsonSchema
      # An object of one shape, anything else of another.
      def either(object, otherwise)
        {"anyOf" => [of(otherwise), of(object)]}
      end

      private

      def place
        "#/components/schemas/"
      end
    end
  end
end
