# frozen_string_literal: true

module Sparrow
  module Schema
    # A component of the API's description that is not made from a shape.
    class Elsewhere < Value.of(:name)
      def json_schema(_names)
        {"$ref" => "#/components/schemas/#{name}"}
      end
    end
  end
end
