# frozen_string_literal: true

module Sparrow
  module Shape
    # Picks the shape by looking at the value. The block answers a shape.
    class Choice
      def initialize(&pick)
        @pick = pick
      end

      def read(value, trail)
        @pick.call(value).read(value, trail)
      end
    end
  end
end
