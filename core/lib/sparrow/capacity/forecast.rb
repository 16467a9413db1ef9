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
      # @param kept [Plan::KeptBlocks] where what was foreseen of blocks before is found
      def initialize(timeline, lane, profile: Profile.of_level(lane), kept: Plan::KeptBlocks::NONE)
        @lane = lane
        @kept = kept
        @first = timeline.workout.blocks.first
        @sequence = Sequence.new(timeline, lane, profile, kept: kept)
      end

      # @return [Array<Point>] in the order of the class; of an open set there is none: it is never too much
      def points
        each_part.flat_map { |part, there| points_of(part, there) }
      end

      # @return [Hash{Plan::Prescription => Point}] of each prescription, compared by identity, the set that leaves least
      def worst
        each_part.each_with_object({}.compare_by_identity) do |(part, there), least|
          next if part.empty?
          # The same sets with as much before each leave the same.
          least.update(@kept.made(part.places.first.block, [:worst, @lane], part.first_s, there) { worst_of(part, there) })
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

      # @return [Array<Array(BlockSets, Array<Float>)>] each block's sets, and what is left before each of which something
      #   is known. A level that asks the same as before has the same left, whatever is typed at the others
      def each_part
        @sequence.parts.zip(@kept.made(@first, [:left, @lane], @sequence.numbers) { @sequence.left_by_part })
      end

      def points_of(part, there)
        at = -1
        part.loads.zip(part.places).flat_map do |sets, place|
          sets.filter_map do |set|
            available = there[at += 1] if set.most
            point(place, available, set) if available && !set.open
          end
        end
      end

      # From the last set to the first: what comes last leaves least as a rule, and the others need not be looked at more closely.
      def worst_of(part, there)
        at = there.size
        part.loads.each_index.reverse_each.with_object({}.compare_by_identity) do |place, least|
          part.loads[place].reverse_each do |set|
            available = there[at -= 1] if set.most
            next if available.nil? || set.open
            held = least[part.places[place].visit.prescription]
            found = point(part.places[place], available, set) if held.nil? || available.clamp(0.0, nil) - set.amount <= held.reserve
            least[found.prescription] = found if found
          end
        end.freeze
      end

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
