# frozen_string_literal: true

module Sparrow
  class Catalogue
    # What must be flagged in a version, worked out from how the body is placed: what
    # carries the weight, position, impact, measure, the words that say where arms
    # and hips go. A version may be silent only with a reason in its file.
    #
    # It protects joints, so it asks for a flag rather too often than too seldom; the
    # reason says why it is not needed.
    module Derivation
      # A joint or a strain that must be flagged, and what it follows from.
      Flag = Value.row(:name, :because)

      # By what carries the weight.
      CARRIES = {
        "hands" => %w[wrist shoulder], "fists" => %w[shoulder], "forearms" => %w[elbow shoulder], "knees" => %w[knee], "grip" => %w[wrist shoulder]
      }.freeze
      LANDS = {"high" => %w[ankle knee hip lower_back], "low" => %w[ankle knee]}.freeze
      # By pattern, of what is worked standing.
      WORKED = {"squat" => %w[knee hip], "lunge" => %w[knee hip]}.freeze
      ON_THE_FLOOR = %w[kneeling all_fours front_support prone supine side].freeze
      TRUNK = %w[trunk_flexion trunk_bracing rotation lateral_trunk].freeze
      # From these demands on, breath is easily held.
      STRAINS_FROM = {"push" => 0.7, "pull" => 0.7, "hinge" => 0.8, "squat" => 1.2, "lunge" => 1.0, **TRUNK.to_h { |pattern| [pattern, 0.7] }}.freeze
      # A hold of this demand is a strain in any pattern but balance.
      HELD_FROM = 0.4
      FIXED = %w[chair wall bench bar table step].freeze

      OVERHEAD = /overhead|past the ear|beside the ear|by the ears|past the head|arms raised|reach(es)? (up|tall|long)|past your ears/i
      TURNS = /\b(turn|turns|twist|chop|wheel|cartwheel)\b/i

      # @param rung [Variation]
      # @return [Array<Flag>] every flag that follows, each name once
      def self.of(rung)
        [*carried(rung), *landed(rung), *placed(rung), *worked(rung), *arms(rung), *trunk(rung), *strained(rung)].uniq(&:name)
      end

      # @return [Array<Flag>] what follows, is not flagged, and for which no reason is given
      def self.missing(rung)
        of(rung).reject { |flag| flagged?(rung, flag.name) || rung.unflagged.key?(flag.name) }
      end

      # @return [Array<String>] reasons for a silence that need not be explained: flagged after all, or not derived
      def self.stale(rung)
        derived = of(rung).map(&:name)
        rung.unflagged.keys.reject { |name| derived.include?(name) && !flagged?(rung, name) }
      end

      # @return [Array<Sentence>] attributes that contradict each other
      def self.contradictions(rung)
        [
          (Sparrow.say("catalogue.is_on_the_floor_and_does_not_get_down") if !rung.gets_down && (rung.positions & ON_THE_FLOOR).any?),
          (Sparrow.say("catalogue.has_a_hold_and_nothing_to_hold") if rung.hold && (rung.equipment & FIXED).empty?),
          (Sparrow.say("catalogue.hangs_without_a_grip") if rung.position == "hanging" && !rung.weight_on.include?("grip"))
        ].compact
      end

      def self.flagged?(rung, name)
        rung.joints.include?(name) || rung.strains.include?(name)
      end

      def self.carried(rung)
        rung.weight_on.flat_map { |part| flags(CARRIES.fetch(part, []), Sparrow.say("catalogue.weight_is_on", part: part)) }
      end

      def self.landed(rung)
        flags(LANDS.fetch(rung.impact, []), Sparrow.say("catalogue.lands_with_impact", impact: rung.impact))
      end

      # A plank from the toes, and what hovers, loads the lower back; hips over the head bring it below them.
      def self.placed(rung)
        on_toes = (rung.position == "front_support" || rung.position == "all_fours" || rung.through.include?("front_support")) && !rung.weight_on.include?("knees")
        upside = (rung.position == "supine" && rung.pattern == "hinge") || (rung.position == "standing" && rung.through.include?("front_support"))
        [
          *(flags(%w[lower_back], Sparrow.say("catalogue.is_a_plank_on_the_toes")) if on_toes),
          *(flags(%w[lower_back neck], Sparrow.say("catalogue.lies_on_the_front")) if rung.position == "prone"),
          *(flags(%w[head_low], Sparrow.say("catalogue.brings_the_hips_over_the_head")) if upside),
          *(flags(%w[bends_forward], Sparrow.say("catalogue.puts_the_hands_on_the_floor")) if rung.through.include?("front_support"))
        ]
      end

      def self.worked(rung)
        return [] unless rung.position == "standing" && WORKED.key?(rung.pattern)
        flags(WORKED.fetch(rung.pattern), Sparrow.say("catalogue.bends_the_legs_under_load"))
      end

      def self.arms(rung)
        OVERHEAD.match?(words(rung)) ? flags(%w[overhead], Sparrow.say("catalogue.takes_the_arms_past_the_ears")) : []
      end

      def self.trunk(rung)
        [
          *(flags(%w[bends_forward], Sparrow.say("catalogue.curls_the_trunk")) if rung.pattern == "trunk_flexion"),
          *(flags(%w[twists], Sparrow.say("catalogue.turns_the_trunk")) if !%w[mobility stretch gait jump].include?(rung.pattern) && (rung.pattern == "rotation" || TURNS.match?(rung.name)))
        ]
      end

      def self.strained(rung)
        held = rung.measure == "hold" && !%w[balance_skill stretch mobility].include?(rung.pattern) && rung.demand_value >= HELD_FROM
        hard = rung.demand_value >= STRAINS_FROM.fetch(rung.pattern, Float::INFINITY)
        (held || hard) ? flags(%w[straining], Sparrow.say("catalogue.is_hard_enough_to_hold_the_breath")) : []
      end

      def self.words(rung)
        [rung.name, rung.standard, *rung.levers.values].join(" ")
      end

      def self.flags(names, because)
        names.map { |name| Flag.new(name, because) }
      end
      private_class_method :flagged?, :carried, :landed, :placed, :worked, :arms, :trunk, :strained, :words, :flags
    end
  end
end
