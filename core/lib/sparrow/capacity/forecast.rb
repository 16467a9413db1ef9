# frozen_string_literal: true

module Sparrow
  module Capacity
    # One lane taken through the whole class: at each of its sets, what was
    # available against what is asked.
    class Forecast
      # +station+ and +round+ say where; available and asked are moves per working side, or seconds.
      Point = Struct.new(:block, :station, :round, :take, :available, :asked, :by_time) do
        # @return [Float] clean reps, or seconds, left undone
        def reserve
          available - asked
        end
      end

      # A set as the model sees it: +rest_s+ before it; +most+ is the fresh maximum,
      # nil where the profile says nothing; an open set is never too much, but tires.
      Step = Struct.new(:block, :visit, :pattern, :most, :amount, :by_time, :seconds, :rest_s, :open)

      # @param timeline [Timeline]
      # @param lane [String] a level
      def initialize(timeline, lane, profile: Profile.of_level(lane))
        @lane = lane
        @profile = profile
        @steps = steps(timeline)
        @patterns = @steps.map(&:pattern).uniq
      end

      # @param amounts [Hash{Integer => Integer}] reps in the place of those asked, by the
      #   prescription's object_id; times stay as they are
      # @return [Array<Point>] in the order of the class
      def points(amounts = {})
        found = []
        walk(amounts) do |step, available, asked|
          found << Point.new(step.block, step.visit.station, step.visit.round, step.visit.take, available, asked, step.by_time)
        end
        found
      end

      # @return [Boolean] whether every set of this prescription leaves so much
      def leaves?(take, reserve, amounts)
        walk(amounts) { |step, available, asked| return false if step.visit.take.equal?(take) && available - asked < reserve }
        true
      end

      private

      def walk(amounts)
        fatigue = Fatigue.new(@patterns)
        @steps.each do |step|
          fatigue.rest(step.rest_s)
          most = step.most
          asked = asked(step, amounts)
          if most
            available = fatigue.left(step.pattern) * most
            asked = [asked, available].min if step.open
            yield step, available, asked unless step.open
          end
          fatigue.work(step.pattern, added(asked, most), step.seconds)
        end
      end

      def added(asked, most)
        return 0.0 if most.nil?
        most.positive? ? asked / most : 1.0
      end

      def asked(step, amounts)
        return step.amount if amounts.empty?
        number = amounts[step.visit.take.object_id]
        (number && step.visit.counted.positive?) ? step.amount * number / step.visit.counted : step.amount
      end

      def steps(timeline)
        @now_s = 0
        timeline.blocks.flat_map do |line|
          line.visits.fetch(@lane, []).flat_map { |visit| sets(line.block, visit) }
        end
      end

      def sets(block, visit)
        wait_s = visit.start_s - @now_s
        @now_s = visit.start_s + visit.work_s
        return set(block, visit, visit.counted, visit.work_s, wait_s) unless visit.sets
        visit.sets.each_with_index.flat_map do |count, index|
          set(block, visit, count, visit.take.set_s(count), index.zero? ? wait_s : block.set_rest_s)
        end
      end

      def set(block, visit, counted, work_s, wait_s)
        take = visit.take
        open = counted.zero? && take.hold.nil? && take.variation&.counted?
        counted = take.counting.counted((work_s / take.seconds_per_move).floor) if open
        loads = Load.of(take, counted, work_s)
        loads.each_with_index.map do |load, index|
          Step.new(block, visit, load.pattern, most(load), load.amount.to_f, load.by_time, work_s / loads.size.to_f, index.zero? ? wait_s : 0, open)
        end
      end

      def most(load)
        load.by_time ? @profile.seconds(load.pattern, load.demand) : @profile.moves(load.pattern, load.demand)
      end
    end
  end
end
