# frozen_string_literal: true

module Sparrow
  module Schema
    # Whatever it is; somebody else reads it.
    class AnyType
      def read(value, _trail)
        value
      end

      def json_schema(_names)
        {}
      end
    end
  end
end
