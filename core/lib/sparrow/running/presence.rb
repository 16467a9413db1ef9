# frozen_string_literal: true

module Sparrow
  module Running
    # Who came late, who left before the end, and who was put into another level, as it was told while the class ran.
    class Presence
      # @param events [Array<Event>] in any order
      def initialize(events)
        @standing = Event.standing(events)
      end

      # @return [Numeric, nil] the second of the plan at which somebody came; nil where they were there from the start
      def late_s(person_id)
        last(person_id, "late")&.at_s
      end

      # @return [Numeric, nil] the second of the plan at which somebody left
      def gone_s(person_id)
        last(person_id, "gone")&.at_s
      end

      # @return [String, nil] the level into which somebody was put last
      def level(person_id)
        last(person_id, "follows")&.level
      end

      # @return [Boolean] whether the whole of what was run counts for them
      def throughout?(person_id)
        late_s(person_id).nil? && gone_s(person_id).nil?
      end

      private

      def last(person_id, kind)
        @standing.reverse_each.find { |event| event.kind == kind && event.person_id == person_id }
      end
    end
  end
end
