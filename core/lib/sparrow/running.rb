# frozen_string_literal: true

module Sparrow
  # A class as it was run: a list of events that are appended and never changed. What the clock shows, what was passed
  # through and what was reached all follow from the plan and the events (docs/decisions/0027).
  module Running
  end
end
