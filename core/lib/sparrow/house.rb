# frozen_string_literal: true

module Sparrow
  # House standards: the numbers a studio may change and that travel in a
  # workout document because they change its totals.
  class House < Value.of(:pace, :transition_s, :position_change_s, :reserve)
    # House estimates; editable per document.
    DEFAULT_PACE = {"beginner" => "1.25", "intermediate" => "1", "advanced" => "0.9"}.freeze
    DEFAULT_TRANSITION_S = 5
    DEFAULT_POSITION_CHANGE_S = 10
    DEFAULT_RESERVE = 2

    # @param given [Hash, nil] the document's "house" object, any key left out
    def self.read(given)
      given ||= {}
      new(
        pace: DEFAULT_PACE.merge(given.fetch("pace", {})).transform_values { |factor| Rational(factor.to_s) }.freeze,
        transition_s: given.fetch("transition_s", DEFAULT_TRANSITION_S),
        position_change_s: given.fetch("position_change_s", DEFAULT_POSITION_CHANGE_S),
        reserve: given.fetch("reserve", DEFAULT_RESERVE)
      )
    end
  end
end
