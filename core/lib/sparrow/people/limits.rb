# frozen_string_literal: true

module Sparrow
  module People
    # What somebody must spare: a joint, a position or a strain. A limit is never
    # trained through; what it rules out follows from each variation's own attributes.
    module Limits
      JOINTS = Catalogue::Variation::JOINTS
      # On the belly or in a plank. On all fours, and leaning on a bench or a wall, one is not face down.
      FACE_DOWN = %w[prone front_support].freeze
      # Positions in which one may fall: also from kneeling on the way up.
      UNSTEADY = %w[standing kneeling].freeze
      # A joint of the legs or the lower back that is to be avoided rules out hard landings, whatever a version's flags say.
      LAND_ON = %w[knee hip ankle lower_back].freeze

      # Positions and strains, each with what it says and the variations that ask for it.
      OTHERS = {
        "no_floor" => [Sparrow.say("people.not_down_to_the_floor"), ->(variation) { variation.gets_down }],
        "not_on_back" => [Sparrow.say("people.not_on_the_back"), ->(variation) { variation.positions.include?("supine") }],
        "not_face_down" => [Sparrow.say("people.not_face_down"), ->(variation) { (variation.positions & FACE_DOWN).any? }],
        "head_not_below_hips" => [Sparrow.say("people.head_not_below_the_hips"), ->(variation) { variation.strains.include?("head_low") }],
        "nothing_overhead" => [Sparrow.say("people.nothing_overhead"), ->(variation) { variation.strains.include?("overhead") }],
        "no_forward_bending" => [Sparrow.say("people.no_forward_bending_of_the_spine"), ->(variation) { variation.strains.include?("bends_forward") }],
        "no_twisting" => [Sparrow.say("people.no_twisting_under_load"), ->(variation) { variation.strains.include?("twists") }],
        "no_straining" => [Sparrow.say("people.no_straining_or_breath_holding"), ->(variation) { variation.strains.include?("straining") }],
        "no_impact" => [Sparrow.say("people.no_impact"), ->(variation) { variation.impact != "none" }],
        "needs_support" => [Sparrow.say("people.needs_something_to_hold"), ->(variation) { UNSTEADY.include?(variation.position) && !variation.hold }]
      }.freeze
      KINDS = [*JOINTS, *OTHERS.keys].freeze
      SEVERITIES = %w[avoid gently].freeze
      SIDES = %w[left right both].freeze

      # @return [String] "sore knee", "not on the back"
      def self.words(kind)
        OTHERS.key?(kind) ? OTHERS[kind].first : Sparrow.word(kind)
      end

      # @return [Boolean] whether a variation asks for what this kind of limit spares
      def self.asks?(variation, kind)
        return OTHERS[kind].last.call(variation) if OTHERS.key?(kind)
        variation.joints.include?(kind) || (variation.impact == "high" && LAND_ON.include?(kind))
      end
    end
  end
end
