# frozen_string_literal: true

module Sparrow
  module Planning
    class Solve
      # One change that is offered; from and to are as in the document. +key+ says
      # what is turned: "reps", "hold_s", "work_s" or "share" (percent). Without a
      # station it is the block's, without a level the station's.
      Change = Value.of(:pointer, :block, :station, :level, :key, :from, :to)
    end
  end
end
