# frozen_string_literal: true

module Sparrow
  module Capacity
    # One level taken through the whole class: at each of its sets, what is
    # available against what is asked. It is asked for at every keystroke, and many
    # times by the solver: what does not change from time to time is worked out once.
    class Forecast
      # +station+ and +round+ say where; available and asked are moves per working side, or seconds.
      Point = Value.row(:block, :station, :round, :prescription, :available, :asked, :by_time) do
        # @return [Float] clean reps, or seconds, left undone
        def reserve
          available - asked
        end

        # @param least [Numeric] moves to be left; of what is measured by time its own part is
        # @return [Boolean]
        def keeps?(least)
          reserve >= Forecast.least(least, asked, by_time) - TOLERANCE
        end
      end

      # Of work measured by time this part of the target is to be left.
      HELD_RESERVE = 0.15
      # Rounding in the model decides nothing.
      TOLERANCE = 1e-9

      # @param reserve [Numeric] moves; 0 where nothing need be left
      # @return [Numeric] moves, or seconds, that a set must leave
      def self.least(reserve, asked, by_time)
        (by_time && reserve.positive?) ? asked * HELD_RESERVE : reserve
      end

      # @param timeline [Plan::Timeline]
      # @param lane [String] a level
      def initialize(timeline, lane, profile: Profile.of_level(lane))
        @sequence = Sequence.new(timeline, lane, profile)
      end

      # @return [Array<Point>] in the order of the class; of an open set there is none: it is never too much
      def points
        left = Hash.new { |hash, pattern| hash[pattern] = @sequence.left(pattern).each }
        @sequence.loads.zip(@sequence.places).flat_map do |sets, place|
          sets.filter_map do |set|
            there = left[set.pattern].next if set.most
            point(place, there, set) if there && !set.open
          end
        end
      end

      # @return [Hash{Plan::Prescription => Point}] of each prescription, compared by identity, the set that leaves least
      def worst
        points.each_with_object({}.compare_by_identity) do |point, least|
          held = least[point.prescription]
          least[point.prescription] = point if held.nil? || point.reserve < held.reserve
        end
      end

      # The most reps (or seconds held) of a prescription that leave +reserve+ in every round.
      # @param prescription [Plan::Prescription]
      # @param below [Integer] to stay under
      # @param amounts [Hash{Plan::Prescription => Integer}] what others are to ask in the place of what
      #   they do, compared by identity; times stay as they are
      # @return [Integer] 0 where not one does
      def highest(prescription, reserve:, below:, amounts: {})
        resizing = amounts.empty? ? resizing(prescription) : Resizing.new(@sequence, prescription, @sequence.with(amounts))
        less = (1...below).bsearch { |step| resizing.leaves?(below - step, reserve) }
        less ? below - less : 0
      end

      private

      def resizing(prescription)
        (@resizings ||= {}.compare_by_identity)[prescription] ||= Resizing.new(@sequence, prescription, @sequence.loads)
      end

      def point(place, available, set)
        visit = place.visit
        Point.new(place.block, visit.station, visit.round, visit.prescription, available.clamp(0.0, nil), set.amount, set.by_time)
      end
    end
  end
end
