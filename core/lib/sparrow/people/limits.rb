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
        "no_floor" => ["not down to the floor", ->(rung) { FLOOR.include?(rung.position) || rung.equipment.include?("mat") }],
        "not_on_back" => ["not on the back", ->(rung) { rung.position == "supine" }],
        "not_face_down" => ["not face down", ->(rung) { rung.position == "prone" }],
        "head_not_below_hips" => ["head not below the hips", ->(rung) { rung.strains.include?("head_low") }],
        "nothing_overhead" => ["nothing overhead", ->(rung) { rung.strains.include?("overhead") }],
        "no_forward_bending" => ["no forward bending of the spine", ->(rung) { rung.strains.include?("bends_forward") }],
        "no_straining" => ["no straining or breath-holding", ->(rung) { rung.strains.include?("straining") }],
        "no_impact" => ["no impact", ->(rung) { rung.impact != "none" }],
        "needs_support" => ["needs something to hold", ->(rung) { rung.position == "standing" && (rung.equipment & SUPPORTS).empty? }]
      }.freeze
      KINDS = [*JOINTS, *OTHERS.keys].freeze
      SEVERITIES = %w[avoid gently].freeze
      SIDES = %w[left right both].freeze

      # @return [String] "sore knee", "not on the back"
      def self.words(kind)
        OTHERS.key?(kind) ? OTHERS[kind].first : kind.tr("_", " ")
      end

      # @return [Boolean] whether a rung asks for what this kind of limit spares
      def self.asks?(rung, kind)
        OTHERS.key?(kind) ? OTHERS[kind].last.call(rung) : rung.joints.include?(kind)
      end
    end
  end
end
