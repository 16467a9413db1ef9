# frozen_string_literal: true

module Sparrow
  module Plan
    module Cues
      # A call that is wanted, before it has its place. +ways+ are the ways in which it may be made, the best first;
      # +levels+ whom it is for, nil for everybody.
      Wish = Value.row(:kind, :ways, :levels, :block, :station, :round) do
        # @return [Integer] the second of the best way
        def at_s
          ways.first.at_s
        end

        # @return [Sentence, String] in the fewest words
        def short
          ways.min_by(&:says_s).text
        end
      end
    end
  end
end
