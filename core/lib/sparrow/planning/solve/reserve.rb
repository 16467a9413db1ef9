# frozen_string_literal: true

module Sparrow
  module Planning
    class Solve
      # A number lowered until it leaves the reserve in the worst round.
      module Reserve
        # @param amounts [Hash] what this lane's cells ask so far, by prescription and by identity; the number chosen is added
        # @return [Integer, nil]
        def self.within(capacity, cell, number, amounts:, reserve:)
          return number if number.nil? || number < 1
          highest = capacity.highest(cell.prescription, reserve: reserve, below: number + 1, amounts: amounts)
          kept = highest.positive? ? [cell.rounded(highest), 1].max : number
          amounts[cell.prescription] = kept
          kept
        end
      end
    end
  end
end
