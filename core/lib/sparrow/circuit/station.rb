# frozen_string_literal: true

module Sparrow
  module Circuit
    # A movement's place in a block. +levels+ holds a Prescription per level.
    class Station < Value.of(:id, :pointer, :movement, :parts, :name, :in_rounds, :note, :levels)
      def in_round?(round)
        in_rounds.nil? || in_rounds.include?(round)
      end

      # @return [Prescription]
      def at(level)
        levels.fetch(level)
      end
    end
  end
end
