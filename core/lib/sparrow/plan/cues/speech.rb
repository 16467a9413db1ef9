# frozen_string_literal: true

module Sparrow
  module Plan
    module Cues
      # How long words take to say.
      module Speech
        # Two and a half words a second, and a second at least.
        WORDS_A_SECOND = 2.5
        WORD = /[\p{L}\p{N}][\p{L}\p{N}'’.:-]*/

        # @return [Integer] seconds
        def self.seconds(text)
          [(text.scan(WORD).size / WORDS_A_SECOND).ceil, 1].max
        end

        # @return [Way]
        def self.way(at_s, text)
          Way.new(at_s, text, seconds(text))
        end
      end
    end
  end
end
