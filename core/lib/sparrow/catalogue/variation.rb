# frozen_string_literal: true

module Sparrow
  class Catalogue
    # One variation of a ladder: everything an instructor must know to offer it.
    # Demand is relative difficulty (share of body weight where it is known);
    # tempo is the default one; sides says what one set of it works.
    #
    # For safety: +joints+ are loaded, or taken to the end of their range, and +moves+ only moved;
    # +through+ are positions passed on the way; +weight_on+ is what carries the body;
    # +hold+ whether the hands (or the back) have something fixed throughout; +gets_down+
    # whether one gets down to the floor. +unflagged+ says why a flag that would follow
    # from these (Derivation) is not set. +guessed_from+ is the version from which all that was not typed was taken.
    # +figure+ is what a studio chose to draw for its own: another version's, or base poses by name.
    class Variation < Value.of(
      :id, :movement_id, :name, :also, :levels, :demand, :levers, :impact, :position, :through, :weight_on, :hold, :gets_down, :joints, :moves, :strains,
      :unflagged, :kit, :equipment, :space, :muscles, :sides, :counting, :measure, :tempo, :standard, :cues, :faults, :breathing, :cautions, :prerequisite, :target, :pattern, :guessed_from, :figure
    )
      JOINTS = %w[knee hip ankle lower_back neck shoulder elbow wrist].freeze

      # What it asks that some must avoid, beyond joints, impact and position.
      STRAINS = %w[overhead head_low bends_forward twists straining].freeze
      IMPACTS = %w[none low high].freeze
      # A front support is a plank, on hands or forearms, from the knees or the toes; supported is held up
      # by the hands at the sides, as in a dip.
      POSITIONS = %w[standing kneeling all_fours front_support prone supine side seated supported hanging].freeze
      WEIGHT_ON = %w[feet hands fists forearms knees seat back front side grip].freeze
      EQUIPMENT = %w[chair wall bench step bar table band bottle mat].freeze
      MUSCLES = [
        "front of thigh", "back of thigh", "inner thigh", "buttocks", "side of hip", "hip flexors", "calves", "deep trunk", "front of trunk", "side of trunk", "lower back",
        "upper back", "back", "chest", "front of shoulder", "side of shoulder", "back of shoulder", "front of upper arm", "back of upper arm", "forearm", "grip"
      ].freeze
      SPACES = %w[on_the_spot mat one_step_around travelling].freeze
      SIDES = %w[two_sided one_sided alternating].freeze
      MEASURES = %w[reps hold time].freeze
      LEVERS = %w[range lever_length support incline impact speed load assistance combination].freeze

      # What one person needs: +count+ of an +item+, of +load_kg+ each where it has a weight.
      Piece = Value.row(:item, :count, :load_kg)

      # What goes wrong, and the word that mends it.
      Fault = Value.row(:see, :say)

      # @return [Array<String>] what one person needs, each piece as often as it is needed: two bottles are two
      attr_reader :pieces

      # @return [Numeric] relative difficulty, above 0
      attr_reader :demand_value

      def initialize(kit: nil, demand: nil, **rest)
        @pieces = kit&.flat_map { |piece| [piece.item] * piece.count }.freeze
        @demand_value = demand&.fetch("value")
        super
      end

      # @return [Array<String>] where the body is, on the way as well
      def positions
        [position, *through]
      end

      def alternating?
        sides == "alternating"
      end

      def no_impact?
        impact == "none"
      end

      # @return [Boolean] counted in reps rather than held or kept up for a time
      def counted?
        measure == "reps"
      end

      # @return [Rational] the same as it is written, for sums that must come out even
      def exact_demand
        Rational(demand_value.to_s)
      end
    end
  end
end
