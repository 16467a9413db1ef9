# frozen_string_literal: true

module Sparrow
  module Fitting
    # One person on the day. +pacing_level+ is whose rounds and stops they follow;
    # +estimates+ Capacity::Estimates; +state+ "fresh" or "tired"; +sore+ joints
    # today; +limits+ those that hold today; +screening+ one of Screening::STATES;
    # +choices+ the instructor's own, by [block id, station id]; +order+ in whose turn groups are made, from 0, nil for
    # their place among the others.
    class Participant < Value.of(:id, :name, :pacing_level, :estimates, :state, :sore, :limits, :newcomer, :screening, :choices, :order)
      # The instructor's own word on a cell. +locked+ stands whatever the model
      # says; one that is not is from another day, and is taken while it fits.
      Choice = Value.of(:variation, :number, :locked, :why, :by, :on)

      # What is sore today is done gently today.
      # @return [Array<People::Limits::Limit>] the person's own, and those of the day
      def limits_today
        [*limits, *(sore - limits.map(&:kind)).map { |joint| People::Limits::Limit.new(kind: joint, severity: "gently") }].freeze
      end

      def level(pattern)
        estimates.level(pattern)
      end

      # @return [Boolean] whether they are held to their own level's variations
      def guarded?
        newcomer || screening == "not_asked"
      end

      # @return [Boolean] nothing is given before somebody has spoken with them
      def waits?
        screening == "see_instructor"
      end
    end
  end
end
