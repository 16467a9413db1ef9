# frozen_string_literal: true

module Sparrow
  module Planning
    class Solve
      # On one variation a lower level never gets more than a higher one.
      module InOrder
        # @param chosen [Hash{String => Array(Cell, Integer)}] level to cell and number, nil for none; who sits out is not there
        # @return [Array<Array(Cell, Integer)>]
        def self.of(chosen)
          above = nil
          (Level::ALL & chosen.keys).reverse.map do |level|
            cell, number = chosen.fetch(level)
            number = [number, above.last].min if number && above&.last && same?(cell, above.first)
            above = [cell, number || (cell.counted? ? cell.number : nil)]
            [cell, number]
          end.reverse
        end

        def self.same?(one, other)
          one.prescription.variation == other.prescription.variation && one.counted? && other.counted?
        end
        private_class_method :same?
      end
    end
  end
end
