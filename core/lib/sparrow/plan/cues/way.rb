# frozen_string_literal: true

module Sparrow
  module Plan
    module Cues
      # One way of making a call: when, in what words, and how many seconds they take to say.
      Way = Value.row(:at_s, :text, :says_s)
    end
  end
end
