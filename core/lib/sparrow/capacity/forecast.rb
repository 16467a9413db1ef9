# frozen_string_literal: true

module Sparrow
  module Capacity
    # One lane taken through the whole class: at each of its sets, what was
    # available against what is asked. It is walked at every keystroke, and many
    # times by the solver: what does not change from walk to walk is worked out once.
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

      # A set as the model sees it. +most+ is the fresh maximum, nil where the
      # profile says nothing; an open set is never too much, but tires; the keeps
      # are what is left of a tiredness after the rest before it, and after the set.
      Step = Value.row(:block, :visit, :own, :most, :amount, :by_time, :rest_keep, :work_keep, :open)

      # @param timeline [Timeline]
      # @param lane [String] a level
      def initialize(timeline, lane, profile: Profile.of_level(lane))
        @lane = lane
        @profile = profile
        @index = {}
        @loads = {}.compare_by_identity
        @keeps = Hash.new { |hash, seconds| hash[seconds] = seconds.positive? ? Math.exp(-seconds / RECOVERY_S) : 1.0 }
        steps(timeline)
        patterns = @index.keys
        @shares = patterns.map { |one| patterns.map { |other| Fatigue.share(one, other) } }
      end

      # @param amounts [Hash{Circuit::Prescription => Integer}] reps, or seconds held, in the place of those
      #   asked, compared by identity; times stay as they are
      # @return [Array<Point>] in the order of the class
      def points(amounts = {})
        found = []
        walk(amounts) { |step, available, asked| found << point(step, available, asked) }
        found
      end

      # @return [Hash{Circuit::Prescription => Point}] of each prescription, compared by identity, the set that leaves least
      def worst
        least = {}.compare_by_identity
        walk({}) do |step, available, asked|
          take = step.visit.take
          held = least[take]
          next if held && held[1] - held[2] <= available - asked
          least[take] = [step, available, asked]
        end
        least.transform_values! { |found| point(*found) }
      end

      # @return [Boolean] whether every set of this prescription leaves so much
      def leaves?(take, reserve, amounts)
        first, last = span(take)
        # Before its first set nothing differs where nothing else is changed.
        from = (amounts.each_key.all? { |other| other.equal?(take) }) ? first : 0
        walk(amounts, from: from, to: last) do |step, available, asked|
          return false if step.visit.take.equal?(take) && available - asked < Forecast.least(reserve, asked, step.by_time) - TOLERANCE
        end
        true
      end

      private

      def point(step, available, asked)
        visit = step.visit
        Point.new(step.block, visit.station, visit.round, visit.take, available, asked, step.by_time)
      end

      # Where a prescription's sets begin and end among the steps.
      # @return [Array(Integer, Integer)]
      def span(take)
        @spans ||= @steps.each_with_index.with_object({}.compare_by_identity) do |(step, index), spans|
          (spans[step.visit.take] ||= [index, index])[1] = index
        end
        @spans.fetch(take) { [0, @steps.size - 1] }
      end

      # How tired the lane is before a step, with everything as it is asked.
      def tired_before(index)
        return Array.new(@index.size, 0.0) if index.zero?
        @tired_before ||= {}
        @tired_before[index] ||= walk({}, to: index - 1) { nil }
      end

      # The model of Fatigue, with its constants at hand.
      # @return [Array<Float>] how tired each pattern is after the last step
      def walk(amounts, from: 0, to: @steps.size - 1)
        tired = tired_before(from).dup
        from.upto(to) do |index|
          step = @steps[index]
          rest(tired, step.rest_keep)
          most = step.most
          asked = amounts.empty? ? step.amount : asked(step, amounts)
          if most
            available = (1.0 - tired[step.own]) * most
            if step.open
              asked = available if available < asked
            else
              yield step, available, asked
            end
          end
          work(tired, step, added(asked, most))
        end
        tired
      end

      def rest(tired, keep)
        return if keep >= 1.0
        index = 0
        while index < tired.size
          tired[index] *= keep
          index += 1
        end
      end

      def work(tired, step, added)
        own = step.own
        keep = step.work_keep
        shares = @shares[own]
        index = 0
        while index < tired.size
          now = ((index == own) ? tired[index] : tired[index] * keep) + shares[index] * added
          tired[index] = (now > 1.0) ? 1.0 : now
          index += 1
        end
      end

      def added(asked, most)
        return 0.0 if most.nil?
        most.positive? ? asked / most : 1.0
      end

      def asked(step, amounts)
        visit = step.visit
        number = amounts[visit.take]
        return step.amount unless number
        now = visit.counted.positive? ? visit.counted : visit.take.hold_s
        now ? step.amount * number / now : step.amount
      end

      def steps(timeline)
        @steps = []
        now_s = 0
        timeline.blocks.each do |line|
          line.visits.fetch(@lane, []).each do |visit|
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
        known = @loads[visit.take] ||= {}
        found = known[counted * 10_000 + work_s] ||= loads(visit.take, counted, work_s)
        found.each do |own, most, amount, by_time, work_keep, open|
          @steps << Step.new(block, visit, own, most, amount, by_time, @keeps[wait_s], work_keep, open)
          wait_s = 0
        end
      end

      def loads(take, counted, work_s)
        open = counted.zero? && take.hold.nil? && take.variation&.counted?
        counted = take.counting.counted((work_s / take.seconds_per_move).floor) if open
        found = Load.of(take, counted, work_s)
        found.map do |load|
          own = @index[load.pattern] ||= @index.size
          [own, most(load), load.amount.to_f, load.by_time, @keeps[work_s / found.size.to_f], open]
        end
      end

      def most(load)
        load.by_time ? @profile.seconds(load.pattern, load.demand) : @profile.moves(load.pattern, load.demand)
      end
    end
  end
end
