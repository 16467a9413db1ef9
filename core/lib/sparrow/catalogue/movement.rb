# frozen_string_literal: true

module Sparrow
  class Catalogue
    # A family of variations, easiest variation first. +spares+ names, for a sore
    # joint, the variation to take instead (in this ladder or another).
    class Movement < Value.of(:id, :name, :pattern, :plane, :role, :summary, :also, :spares, :opens, :ladder)
      PATTERNS = %w[squat lunge hinge push pull trunk_flexion trunk_bracing rotation lateral_trunk gait jump
        balance_skill mobility stretch].freeze
      PLANES = %w[sagittal frontal transverse].freeze
      ROLES = %w[main warm_up cool_down].freeze
      # The joints for which every movement names a way round.
      SPARED = %w[knee shoulder wrist lower_back].freeze

      # @param id [String] the full id, "squat.chair_tap"
      # @return [Variation, nil]
      def variation(id)
        ladder.find { |variation| variation.id == id }
      end

      # The variation with which a new station opens at a level.
      # @return [Variation]
      def variation_for(level)
        variation("#{id}.#{opens.fetch(level)}")
      end

      # A new station's numbers are chosen to fit a window of this length.
      OPENING_WINDOW_S = 30
      # What is held no longer than this is hard to hold.
      SHORT_HOLD_S = 20

      # The prescriptions with which a new station opens, in the document's
      # form. A hold opens with its number where that is shorter than most windows; else it fills the window.
      # @return [Hash{String => Hash}] level to {"variation", and "reps" or "hold_s"}
      def opening_prescriptions
        Level::ALL.to_h { |level| [level, opening(level, variation_for(level))] }
      end

      # @return [Hash] a level with that version, and the number with which it opens
      def opening(level, variation)
        return {"variation" => variation.id, **short_hold(variation)} unless variation.counted?
        pace = Standards::House.read(nil).pace.fetch(level)
        moves = (OPENING_WINDOW_S / (variation.tempo.seconds * pace)).floor
        counted = Counting.of(variation.counting).counted(moves)
        counted -= counted % 2 if variation.alternating?
        {"variation" => variation.id, "reps" => [counted, variation.target.fetch("reps")].min.clamp(1, nil)}
      end

      private

      def short_hold(variation)
        return {} unless variation.measure == "hold" && variation.sides == "two_sided" && role == "main"
        variation.target.slice("hold_s").select { |_, seconds| seconds <= SHORT_HOLD_S }
      end
    end
  end
end
