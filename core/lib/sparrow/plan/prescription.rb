# frozen_string_literal: true

module Sparrow
  module Plan
    # What one level does at one station. Everything that a level may leave to
    # its station, its block, its school or its variation is settled here already:
    # work_s (whole seconds, the longest of all rounds), sides, counting, seconds_per_move
    # (Rational). reps and hold are Ranges (8..8 for a plain 8), nil where none
    # is asked. +works+ and +rests+ are ByRound. +filled+ lists the document's keys that its school filled in.
    class Prescription < Value.of(
      :level, :pointer, :movement, :variation, :reps, :hold, :own_work_s, :work_s, :works, :rests, :sides, :counting, :tempo, :seconds_per_move,
      :parts, :load_kg, :splits, :quota, :filled, :note
    )
      UP = %w[standing seated supported hanging].freeze

      # @return [Array<Catalogue::Variation>] its own, or those of its parts
      def variations
        variation ? [variation] : parts.map(&:variation)
      end

      # @return [String] its version's; of parts those of their movements
      def name
        variation ? variation.name : parts.map { |part| part.movement.name }.join(" + ")
      end

      # @return [Array<Catalogue::Movement>]
      def movements
        variation ? [movement] : parts.map(&:movement)
      end

      # @return [Integer, nil] of a range of holds the longest
      def hold_s
        hold&.max
      end

      # The seconds that this level works in one window, before a switch is
      # taken out. A hold is a target inside the window: a shorter one is the level's stop, a longer one ends
      # with the window; in a split window it is held on each side.
      # @param round [Integer, nil] nil for the longest
      # @return [Integer]
      def stop_s(round = nil)
        window_s = round ? work_in(round) : work_s
        return window_s unless hold
        held_s = (sides == "split") ? hold_s * 2 : hold_s
        window_s ? [held_s, window_s].min : held_s
      end

      # @return [Integer, nil] seconds of its window in that round; nil where no clock ends it
      def work_in(round)
        works&.in_round(round)
      end

      # @return [Integer] seconds
      def rest_in(round)
        rests ? rests.in_round(round, own_s: stop_s(round) || set_s) : 0
      end

      # @return [Integer] seconds of the first round
      def rest_s
        rest_in(1)
      end

      # @return [Boolean] whether its work or rest is not the same in every round
      def by_round?
        [works, rests].any? { |times| times&.changes? }
      end

      # @return [Integer] the number called aloud: of a range its maximum; 0 where none is asked
      def reps_counted
        reps ? reps.max : 0
      end

      # @return [Integer] moves done for that number
      def moves
        counting.moves(reps_counted)
      end

      # @return [Boolean] whether an odd number would leave one side a rep short
      def requires_even_count?
        (variation&.alternating? && counting.rule == "each") || false
      end

      # @return [Boolean] whether a set of it is worked one side after the other
      def each_side_held?
        counting.rule == "per_side" || variation&.sides == "one_sided"
      end

      # A set at the person's own pace, rounded up to the second.
      # @param counted [Integer] reps as called
      # @return [Integer] seconds
      def set_s(counted = reps_counted)
        return (counting.moves(counted) * seconds_per_move).ceil if counted.positive? && seconds_per_move
        return hold_s * (each_side_held? ? 2 : 1) if hold
        own_work_s || work_s || 0
      end

      # Where the body is when the set begins and ends, for the way to the next.
      # @return [Boolean] up rather than on the floor
      def starts_up?
        UP.include?((variation || parts.first.variation).position)
      end

      def ends_up?
        UP.include?((variation || parts.last.variation).position)
      end

      # @param two_windows [Boolean] whether the station takes a full window a side
      # @param switch_s [Integer] taken out of the second half of a split window; a level that stops early has room for it in
      #   its waiting
      # @param window_s [Integer] of all levels together
      # @param round [Integer, nil] nil for the longest
      # @return [Array<Integer>] the unbroken stretches of work, in seconds
      def stretches(two_windows:, switch_s:, window_s:, round: nil)
        own_s = stop_s(round)
        return [own_s, own_s] if two_windows
        return [own_s] unless sides == "split"
        [(own_s + 1) / 2, [own_s / 2, window_s / 2 - switch_s].min]
      end
    end
  end
end
