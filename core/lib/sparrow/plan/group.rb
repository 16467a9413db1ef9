# frozen_string_literal: true

module Sparrow
  module Plan
    # Some of the class who work together: when, how long and at which station. Outside
    # of these times they rest. Where all work all the time there are none.
    class Group < Value.of(:label, :stops)
      Stop = Value.of(:start_s, :seconds, :round, :station)
    end
  end
end
