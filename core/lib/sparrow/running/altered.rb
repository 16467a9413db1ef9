# frozen_string_literal: true

module Sparrow
  module Running
    # A plan as it stands after what was changed of it while it ran: the fold of its "changed" events. +from_s+ holds, by an
    # event's id, the second from which its change is seen; until then it can be taken back.
    class Altered < Value.of(:document, :timeline, :from_s)
      # @param document [Hash] as the run began
      # @param events [Array<Event>] in any order
      # @return [Altered]
      def self.of(document, events, catalogue:)
        workout = Plan.stored(document, catalogue: catalogue)
        plain = new(document: document, timeline: Plan::Timeline.compile(workout), from_s: {}.freeze)
        Event.standing(events).select { |event| event.kind == "changed" }.reduce(plain) { |known, event| known.after(event, catalogue) }
      end

      # @return [Altered] the same where what it asks for is gone by now: two devices may change one thing
      def after(event, catalogue)
        self.and(event.changes, event.at_s, catalogue: catalogue, id: event.id)
      rescue Refused
        self
      end

      # @param changes [Array<Hash>] as in Changes.shape
      # @param at_s [Numeric] the second of this plan at which they were made
      # @return [Altered]
      # @raise [Refused]
      def and(changes, at_s, catalogue:, id: nil)
        standing = Standing.new(timeline: timeline, second: at_s, catalogue: catalogue)
        changed = changes.reduce(document) { |known, change| Changes.apply(known, change, standing) }
        after = Spliced.of(timeline, Plan.stored(changed, catalogue: catalogue), at_s)
        with(document: changed, timeline: after, from_s: id ? from_s.merge(id => seen_from(after, at_s)).freeze : from_s)
      end

      private

      # @return [Integer] the first second at which the two differ
      def seen_from(after, at_s)
        seams = (timeline.sections + after.sections).select { |second| second > at_s }.uniq.sort
        seams.first || at_s.ceil
      end
    end
  end
end
