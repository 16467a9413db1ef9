# frozen_string_literal: true

module Sparrow
  module Running
    # The class's clock, folded from its events: a small method for each kind, and no other way to change it. Two devices that
    # have the same events have the same clock, in whatever order these arrived.
    #
    # The browser folds them too, for when the network is away (web/src/lib/running/fold.ts): the only other copy. Both are held to
    # core/spec/running/cases.json.
    class Clock
      # As near to a gate as this the clock stands at it.
      SHORTLY_S = 0.001
      # Beyond a gate by so much nobody is held at it any more.
      BEYOND_S = 5

      # A stretch of the class that passed while the clock ran; seconds of the class as it was stretched then.
      Passage = Value.row(:from_s, :until_s)

      attr_reader :additions, :started_at_ms, :ended_at_ms

      # @param events [Array<Event>] in any order
      def initialize(events)
        @additions = []
        @held = []
        @passages = []
        Event.standing(events).each { |event| send(event.kind, event) if Event::OF_THE_CLOCK.include?(event.kind) }
      end

      # @param now_ms [Integer]
      # @return [Float] seconds into the class as it is stretched now
      def second(now_ms)
        @anchor_ms ? ((@paused_at_ms || now_ms) - @anchor_ms) / 1000.0 : 0.0
      end

      def started?
        !@anchor_ms.nil?
      end

      def paused?
        !@paused_at_ms.nil? && !ended?
      end

      # @return [Boolean] whether somebody ended it
      def ended?
        !@ended_at_ms.nil?
      end

      # What passed while the clock ran, up to an instant; what was skipped is in none of them.
      # @return [Array<Passage>] in the order in which they passed
      def passages(now_ms)
        return @passages unless started? && @paused_at_ms.nil?
        [*@passages, passage(second(now_ms))].compact
      end

      private

      def started(event)
        return if started?
        @started_at_ms = @anchor_ms = event.at_ms
        @from_s = 0.0
      end

      def paused(event)
        stand(event.at_ms) if running?
      end

      def resumed(event)
        return unless paused?
        @anchor_ms += event.at_ms - @paused_at_ms
        go(event.at_ms)
      end

      # A paused clock stays paused there; one that was ended goes on from there.
      def moved(event)
        return unless started?
        was_ended = ended?
        leave(event.at_ms)
        @ended_at_ms = @paused_at_ms = nil if was_ended
        @anchor_ms = (@paused_at_ms || event.at_ms) - event.at_s * 1000.0
        @held = []
        @from_s = event.at_s if @paused_at_ms.nil?
      end

      # All have done it, sooner than was thought: it counts as passed.
      def through(event)
        return if !started? || ended? || second(event.at_ms) >= event.at_s
        from_s = @paused_at_ms ? second(event.at_ms) : @from_s
        @passages += [Passage.new(from_s, event.at_s.to_f)]
        @anchor_ms = event.at_ms - event.at_s * 1000.0
        @held << event.at_s
        go(event.at_ms)
      end

      # By itself, once at each gate until the clock is moved: who comes late to it holds nobody again.
      def held(event)
        return unless running? && !@held.include?(event.at_s)
        @held << event.at_s
        return if second(event.at_ms) > event.at_s + BEYOND_S
        leave(event.at_ms, at_most: event.at_s)
        @paused_at_ms = event.at_ms
        @anchor_ms = event.at_ms - (event.at_s - SHORTLY_S) * 1000.0
      end

      def extended(event)
        @additions << {"at_s" => event.at_s, "add_s" => event.add_s}
      end

      def ended(event)
        return if !started? || ended?
        stand(event.at_ms) if running?
        @ended_at_ms = event.at_ms
      end

      def running?
        started? && @paused_at_ms.nil? && !ended?
      end

      def go(at_ms)
        @paused_at_ms = nil
        @from_s = second(at_ms)
      end

      def stand(at_ms)
        leave(at_ms)
        @paused_at_ms = at_ms
      end

      # Keeps what passed until now.
      def leave(at_ms, at_most: Float::INFINITY)
        @passages += [passage([second(at_ms), at_most].min)].compact if @paused_at_ms.nil?
      end

      def passage(until_s)
        Passage.new(@from_s, until_s) if until_s > @from_s
      end
    end
  end
end
