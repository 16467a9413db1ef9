# frozen_string_literal: true

module Sparrow
  module Formats
    module Partner
      # A lane is drawn for the first of each pair; the second works while the first rests, and has
      # as much of both. A pair is of one level.
      class Layout
        def initialize(block, start_s)
          @layout = (block.timed? ? ByClock : BySet).new(block, start_s)
        end

        # @return [Plan::BlockLine]
        def call
          @layout.call
        end
      end
    end
  end
end
