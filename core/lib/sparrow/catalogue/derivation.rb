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
      STRAINS_FROM = {"push" => 0.7, "pull" => 0.7, "hinge" => 0.64, "squat" => 1.14, "lunge" => 0.94, **TRUNK.to_h { |pattern| [pattern, 0.7] }}.freeze
      # A hold of this demand is a strain in any pattern but balance.
      HELD_FROM = 0.4
      FIXED = %w[chair wall bench bar table step].freeze
      # What is held in the hands, so that the wrist works against its weight or its pull.
      # A band round the legs is silent with that reason in its file.
      HELD = %w[bottle band].freeze

      OVERHEAD = /overhead|past the ear|beside the ear|by the ears|past the head|arms raised|reach(es)? (up|tall|long)|past your ears/i
      TURNS = /\b(turn|turns|twist|chop|wheel|cartwheel)\b/i

      # @param variation [Variation]
      # @return [Array<Flag>] every flag that follows, each name once
      def self.of(variation)
        [*carried(variation), *held(variation), *landed(variation), *placed(variation), *worked(variation), *arms(variation), *trunk(variation), *strained(variation)].uniq(&:name)
      end

      # @return [Array<Flag>] what follows, is not flagged, and for which no reason is given
      def self.missing(variation)
        of(variation).reject { |flag| flagged?(variation, flag.name) || variation.unflagged.key?(flag.name) }
      end

      # What a studio wrote, on the safe side: whatever follows protects, flagged or not.
      # @return [Variation] with every flag that is missing
      def self.guarded(variation)
        names = missing(variation).map(&:name)
        return variation if names.empty?
        joints, strains = names.partition { |name| Variation::JOINTS.include?(name) }
        variation.with(joints: (variation.joints + joints).freeze, strains: (variation.strains + strains).freeze).freeze
      end

      # @return [Array<String>] reasons for a silence that need not be explained: flagged after all, or not derived
      def self.stale(variation)
        derived = of(variation).map(&:name)
        variation.unflagged.keys.reject { |name| derived.include?(name) && !flagged?(variation, name) }
      end

      # @return [Array<Sentence>] attributes that contradict each other
      def self.contradictions(variation)
        [
          (Sparrow.say("catalogue.is_on_the_floor_and_does_not_get_down") if !variation.gets_down && (variation.positions & ON_THE_FLOOR).any?),
          (Sparrow.say("catalogue.has_a_hold_and_nothing_to_hold") if variation.hold && (variation.equipment & FIXED).empty?),
          (Sparrow.say("catalogue.hangs_without_a_grip") if variation.position == "hanging" && !variation.weight_on.include?("grip"))
        ].compact
      end

      def self.flagged?(variation, name)
        variation.joints.include?(name) || variation.strains.include?(name)
      end

      def self.carried(variation)
        variation.weight_on.flat_map { |part| flags(CARRIES.fetch(part, []), Sparrow.say("catalogue.weight_is_on", part: part)) }
      end

      def self.held(variation)
        (variation.equipment & HELD).flat_map { |item| flags(%w[wrist], Sparrow.say("catalogue.is_held_in_the_hands", item: item)) }
      end

      def self.landed(variation)
        flags(LANDS.fetch(variation.impact, []), Sparrow.say("catalogue.lands_with_impact", impact: variation.impact))
      end

      # A plank from the toes, and what hovers, loads the lower back; hips over the head bring it below them.
      def self.placed(variation)
        on_toes = (variation.position == "front_support" || variation.position == "all_fours" || variation.through.include?("front_support")) && !variation.weight_on.include?("knees")
        upside = (variation.position == "supine" && variation.pattern == "hinge") || (variation.position == "standing" && variation.through.include?("front_support"))
        [
          *(flags(%w[lower_back], Sparrow.say("catalogue.is_a_plank_on_the_toes")) if on_toes),
          *(flags(%w[lower_back neck], Sparrow.say("catalogue.lies_on_the_front")) if variation.position == "prone"),
          *(flags(%w[head_low], Sparrow.say("catalogue.brings_the_hips_over_the_head")) if upside),
          *(flags(%w[bends_forward], Sparrow.say("catalogue.puts_the_hands_on_the_floor")) if variation.through.include?("front_support"))
        ]
      end

      def self.worked(variation)
        return [] unless variation.position == "standing" && WORKED.key?(variation.pattern)
        flags(WORKED.fetch(variation.pattern), Sparrow.say("catalogue.bends_the_legs_under_load"))
      end

      def self.arms(variation)
        OVERHEAD.match?(words(variation)) ? flags(%w[overhead], Sparrow.say("catalogue.takes_the_arms_past_the_ears")) : []
      end

      def self.trunk(variation)
        [
          *(flags(%w[bends_forward], Sparrow.say("catalogue.curls_the_trunk")) if variation.pattern == "trunk_flexion"),
          *(flags(%w[neck], Sparrow.say("catalogue.lifts_the_head")) if variation.pattern == "trunk_flexion" && variation.position == "supine"),
          *(flags(%w[twists], Sparrow.say("catalogue.turns_the_trunk")) if !%w[mobility stretch gait jump].include?(variation.pattern) && (variation.pattern == "rotation" || TURNS.match?(variation.name)))
        ]
      end

      def self.strained(variation)
        held = variation.measure == "hold" && !%w[balance_skill stretch mobility].include?(variation.pattern) && variation.demand_value >= HELD_FROM
        hard = variation.demand_value >= STRAINS_FROM.fetch(variation.pattern, Float::INFINITY)
        (held || hard) ? flags(%w[straining], Sparrow.say("catalogue.is_hard_enough_to_hold_the_breath")) : []
      end

      def self.words(variation)
        [variation.name, variation.standard, *variation.levers.values].join(" ")
      end

      def self.flags(names, because)
        names.map { |name| Flag.new(name, because) }
      end
      private_class_method :flagged?, :carried, :held, :landed, :placed, :worked, :arms, :trunk, :strained, :words, :flags
    end
  end
end
