# frozen_string_literal: true

module Sparrow
  module Plan
    module Cues
      # How long words take to say.
      module Speech
        # Two and a half words a second, and a second at least.
        WORDS_A_SECOND = 2.5

        # @return [Integer] seconds
        def self.seconds(text)
          said = text.to_s
          # A stroke between two versions is not spoken.
          [((said.count(" ") + 1 - said.count("/")) / WORDS_A_SECOND).ceil, 1].max
        end

        # @return [Way]
        def self.way(at_s, text)
          Way.new(at_s, text, seconds(text))
        end

        # @param instants [Enumerable<Integer>] the best first
        # @return [Array<Way>] the same words at each of them
        def self.ways(instants, text)
          says_s = seconds(text)
          instants.map { |at_s| Way.new(at_s, text, says_s) }
        end
      end
    end
  end
end
