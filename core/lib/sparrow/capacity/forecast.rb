# frozen_string_literal: true

module Sparrow
  module Capacity
    # One level taken through the whole class: at each of its sets, what is
    # available against what is asked. It is asked for at every keystroke, and many
    # times by the solver: what does not change from time to time is worked out once.
    class Forecast
      # +station+ and +round+ say where; available and asked are moves per working side, or seconds.
      Point = Value.row(:block, :station, :round, :take, :available, :asked, :by_time) do
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

      # Where and when a set is.
      Place = Value.row(:block, :visit)

      # @param timeline [Timeline]
      # @param lane [String] a level
      def initialize(timeline, lane, profile: Profile.of_level(lane))
        @profile = profile
        @recovery = Hash.new { |hash, seconds| hash[seconds] = FatigueSimulation.recovery(seconds) }
        @known = {}.compare_by_identity
        @places = []
        @turns = []
        @loads = []
        lay_out(timeline, lane)
        @patterns = @loads.flatten.select(&:most).map(&:pattern).uniq
      end

      # @param amounts [Hash{Circuit::Prescription => Integer}] reps, or seconds held, in the place of those
      #   asked, compared by identity; times stay as they are
      # @return [Array<Point>] in the order of the class; of an open set there is none: it is never too much
      def points(amounts = {})
        loads = with(amounts)
        there = @patterns.to_h { |pattern| [pattern, FatigueSimulation.available(@turns, loads, pattern).each] }
        loads.each_with_index.flat_map do |sets, at|
          sets.filter_map do |set|
            available = there.fetch(set.pattern).next if set.most
            point(@places[at], available, set) if available && !set.open
          end
        end
      end

      # @return [Hash{Circuit::Prescription => Point}] of each prescription, compared by identity, the set that leaves least
      def worst
        points.each_with_object({}.compare_by_identity) do |point, least|
          held = least[point.take]
          least[point.take] = point if held.nil? || point.reserve < held.reserve
        end
      end

      # @return [Boolean] whether every set of this prescription leaves so much
      def leaves?(take, reserve, amounts)
        loads = with(amounts)
        sets = turns_of(take).flat_map { |at| loads[at] }.select { |set| set.most && !set.open }
        sets.group_by(&:pattern).all? do |pattern, own|
          there = FatigueSimulation.available(@turns, loads, pattern, watched(take))
          own.each_with_index.all? { |set, index| there[index] >= set.needs(reserve) - TOLERANCE }
        end
      end

      private

      def point(place, available, set)
        visit = place.visit
        Point.new(place.block, visit.station, visit.round, visit.take, available, set.amount, set.by_time)
      end

      # @return [Array<Array<SetLoad>>] of each turn, with other amounts
      def with(amounts)
        return @loads if amounts.empty?
        loads = @loads.dup
        amounts.each do |take, number|
          turns_of(take).each { |at| loads[at] = scaled(at, number) }
        end
        loads
      end

      def scaled(at, number)
        visit = @places[at].visit
        now = visit.counted.positive? ? visit.counted : visit.take.hold_s
        now ? @loads[at].map { |set| set.asking(set.amount * number / now) } : @loads[at]
      end

      # @return [Array<Integer>] the places of a prescription's sets among the turns
      def turns_of(take)
        @turns_of ||= @places.each_with_index.with_object({}.compare_by_identity) { |(place, at), turns| (turns[place.visit.take] ||= []) << at }
        @turns_of.fetch(take, [])
      end

      def watched(take)
        (@watched ||= {}.compare_by_identity)[take] ||= Array.new(@turns.size, false).tap { |all| turns_of(take).each { |at| all[at] = true } }
      end

      def lay_out(timeline, lane)
        now_s = 0
        timeline.blocks.each do |line|
          line.visits.fetch(lane, []).each do |visit|
            sets(line.block, visit, visit.start_s - now_s)
            now_s = visit.start_s + visit.work_s
          end
        end
      end

      def sets(block, visit, wait_s)
        return set(block, visit, visit.counted, visit.work_s, wait_s) unless visit.sets
        visit.sets.each_with_index do |count, index|
          set(block, visit, count, visit.take.set_s(count), index.zero? ? wait_s : block.set_rest_s)
        end
      end

      # A station's set is the same set in every round.
      def set(block, visit, counted, work_s, wait_s)
        @places << Place.new(block, visit)
        @turns << FatigueSimulation::Turn.of(@recovery[wait_s], @recovery[work_s])
        @loads << ((@known[visit.take] ||= {})[counted * 10_000 + work_s] ||= loads(visit.take, counted, work_s))
      end

      def loads(take, counted, work_s)
        open = counted.zero? && take.hold.nil? && take.variation&.counted?
        counted = take.counting.counted((work_s / take.seconds_per_move).floor) if open
        found = Load.of(take, counted, work_s)
        found.map { |load| FatigueSimulation::SetLoad.of(load, @profile.most(load), @recovery[work_s / found.size.to_f], open: open) }.freeze
      end
    end
  end
end
