# frozen_string_literal: true

module Sparrow
  module People
    # What somebody must spare: a joint, a position or a strain. A limit is never
    # trained through; what it rules out follows from each rung's own attributes.
    module Limits
      JOINTS = Catalogue::Variation::JOINTS
      FLOOR = %w[kneeling all_fours prone supine side].freeze
      SUPPORTS = %w[chair wall bench bar table].freeze

      # Positions and strains, each with what it says and the rungs that ask for it.
      OTHERS = {
        "no_floor" => [Sparrow.say("people.not_down_to_the_floor"), ->(rung) { FLOOR.include?(rung.position) || rung.equipment.include?("mat") }],
        "not_on_back" => [Sparrow.say("people.not_on_the_back"), ->(rung) { rung.position == "supine" }],
        "not_face_down" => [Sparrow.say("people.not_face_down"), ->(rung) { rung.position == "prone" }],
        "head_not_below_hips" => [Sparrow.say("people.head_not_below_the_hips"), ->(rung) { rung.strains.include?("head_low") }],
        "nothing_overhead" => [Sparrow.say("people.nothing_overhead"), ->(rung) { rung.strains.include?("overhead") }],
        "no_forward_bending" => [Sparrow.say("people.no_forward_bending_of_the_spine"), ->(rung) { rung.strains.include?("bends_forward") }],
        "no_straining" => [Sparrow.say("people.no_straining_or_breath_holding"), ->(rung) { rung.strains.include?("straining") }],
        "no_impact" => [Sparrow.say("people.no_impact"), ->(rung) { rung.impact != "none" }],
        "needs_support" => [Sparrow.say("people.needs_something_to_hold"), ->(rung) { rung.position == "standing" && (rung.equipment & SUPPORTS).empty? }]
      }.freeze
      KINDS = [*JOINTS, *OTHERS.keys].freeze
      SEVERITIES = %w[avoid gently].freeze
      SIDES = %w[left right both].freeze

      # @return [String] "sore knee", "not on the back"
      def self.words(kind)
        OTHERS.key?(kind) ? OTHERS[kind].first : Sparrow.word(kind)
      end

      # @return [Boolean] whether a rung asks for what this kind of limit spares
      def self.asks?(rung, kind)
        OTHERS.key?(kind) ? OTHERS[kind].last.call(rung) : rung.joints.include?(kind)
      end
    end
  end
end
