# frozen_string_literal: true

module Sparrow
  module Running
    # Two plans of one class as one: the old one as far as it has been run, the new one from there. The seam is where the
    # work that is on now ends, or, in a rest, where the next begins; in blocks that the people pace it is the gate.
    # So what has passed keeps its seconds, and the clock needs no moving.
    class Spliced
      # A place that both plans have: its second in either.
      Seam = Value.row(:old_s, :new_s)

      # @param old [Plan::Timeline]
      # @param workout [Plan::Workout] as it is from here on
      # @param second [Numeric] of the old plan, up to which it has been run
      # @return [Plan::Timeline]
      def self.of(old, workout, second)
        new(old, workout, second).call
      end

      def initialize(old, workout, second)
        @old = old
        @workout = workout
        @second = second
      end

      def call
        clock = 0
        lines = @workout.blocks.map do |block|
          line = line(block, clock)
          clock = line.end_s
          line
        end
        Plan::Timeline.new(workout: @workout, blocks: lines.freeze, total_s: clock)
      end

      private

      # What is over is as it was; what has not begun is laid out anew.
      def line(block, clock)
        before = @old.blocks.find { |held| held.block.id == block.id }
        return Plan::Timeline.lay_out(block, clock) if before.nil? || before.start_s > @second
        (before.end_s <= @second) ? before : joined(before, block)
      end

      def joined(before, block)
        fresh = Plan::Timeline.lay_out(block, before.start_s)
        seam = seam(before, fresh)
        return whole(before, fresh) unless seam
        after = Plan::Timeline.lay_out(block, before.start_s + seam.old_s - seam.new_s)
        parts(before, after, seam.old_s)
      end

      # Where nobody waits for anybody all of it was a prediction, and the new one stands in its place. It is not over
      # before now.
      def whole(before, fresh)
        return fresh if fresh.end_s > @second
        parts(before, Plan::Timeline.lay_out(fresh.block, before.start_s + @second.ceil - fresh.end_s), @second.ceil)
      end

      def seam(before, fresh)
        stretches = [before, fresh].map { |line| line.windows.any? ? line.windows : gates(line) }
        return if stretches.any?(&:empty?)
        own, anew = stretches
        index = own.rindex { |held| held.start_s <= @second } or return Seam.new(own.first.start_s, anew.first.start_s)
        same = anew.index { |held| key(held) == key(own[index]) } or return
        return Seam.new(own[index].end_s, anew[same].end_s) if own[index].end_s > @second
        Seam.new(start(own[index + 1], before), start(anew[same + 1], fresh))
      end

      # The one gate of a block in which nobody waits is no seam.
      def gates(line)
        held = line.gates || []
        (line.block.gate == "free" || held.size < 2) ? [] : held
      end

      def key(held)
        [held.round, held.station&.id, (held.part if held.is_a?(Plan::Window))]
      end

      def start(held, line)
        held ? held.start_s : line.end_s
      end

      # The first up to the seam, the second from there.
      def parts(first, second, at_s)
        Plan::BlockLine.new(
          block: second.block, start_s: first.start_s, total_s: [second.end_s, at_s].max - first.start_s, lanes: lanes(first, second, at_s),
          visits: Level::ALL.to_h { |level| [level, both(first.visits[level], second.visits[level], at_s).freeze] }.freeze,
          windows: both(first.windows, second.windows, at_s).freeze, gates: first.gates && both(first.gates, second.gates, at_s).freeze, forecast: second.forecast, groups: groups(first, second, at_s)
        )
      end

      def both(before, after, at_s)
        [*before&.select { |held| held.start_s < at_s }, *after&.select { |held| held.start_s >= at_s }]
      end

      def lanes(first, second, at_s)
        Level::ALL.to_h do |level|
          [level, [*first.lanes.fetch(level).filter_map { |segment| cut(segment, segment.start_s, at_s) }, *second.lanes.fetch(level).filter_map { |segment| cut(segment, at_s, segment.end_s) }].freeze]
        end.freeze
      end

      # What lies of it between two seconds.
      def cut(segment, from_s, until_s)
        start_s = [segment.start_s, from_s].max
        end_s = [segment.end_s, until_s].min
        return segment if start_s == segment.start_s && end_s == segment.end_s
        Plan::Segment.new(segment.kind, start_s, end_s - start_s, segment.station, segment.round, segment.side, segment.level) if end_s > start_s
      end

      def groups(first, second, at_s)
        return second.groups unless first.groups && second.groups&.size == first.groups.size
        first.groups.zip(second.groups).map { |before, after| before.with(stops: both(before.stops, after.stops, at_s).freeze) }.freeze
      end
    end
  end
end
