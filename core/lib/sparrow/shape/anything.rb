# frozen_string_literal: true

module Sparrow
  module Shape
    # Whatever it is; somebody else reads it.
    class Anything
      def read(value, _trail)
        value
      end

      def json_schema(_names)
        {}
      end
    end
  end
end
