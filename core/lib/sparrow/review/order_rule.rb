# frozen_string_literal: true

module Sparrow
  module Review
    # A rule that looks at who does which movement in which order and when, and at no number that is
    # asked for. What it found is found again while somebody types numbers and notes under a clock that stays as it is.
    class OrderRule < Rule
    end
  end
end
