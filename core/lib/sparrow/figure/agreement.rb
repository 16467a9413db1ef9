# frozen_string_literal: true

module Sparrow
  module Figure
    # What the body of a figure does against what the catalogue says of its version: a second
    # pair of eyes on safety, which has read none of the catalogue's words.
    class Agreement
      V = Vector
      # An upper arm so near to the trunk's length is past the ear; degrees.
      PAST_THE_EAR = 24
      # Hips so far above the head, and the head is below them; cm.
      HEAD_LOW_CM = 8
      # A foot that far from where it stood has been moved; cm.
      MOVED_CM = 4.0
      # The lowest a pelvis is over the floor of who has not got down to it; cm.
      DOWN_CM = 27
      # Instants looked at in each step.
      FRAMES = 4
      POSITIONS = {"back" => "supine", "shoulders" => "supine", "front" => "prone", "side" => "side"}.freeze
      # A flag of the catalogue, and what the figure is seen to do.
      Finding = Value.row(:flag, :seen)

      # @param motion [Motion]
      def initialize(motion)
        @variation = motion.variation
        @keys = motion.keys.map { |_, key| key }
        pairs = motion.steps.reject(&:mirrored)
        @pairs = pairs.map { |step| [step.from, step.to] }
        @given = motion.written["explained"] || {}
        @instants = [@keys.first.bones.points, *pairs.flat_map { |step| Frames.of(motion, step, count: FRAMES) }]
      end

      # @return [Array<Finding>] what the figure shows and the catalogue is silent about, without a reason in its file
      def silent
        [
          (Finding.new("wrist", "weight on the palms") if hands? && !flagged?("wrist")),
          (Finding.new("elbow", "weight on the forearms") if forearms? && !flagged?("elbow")),
          (Finding.new("knee", "a knee on the floor") if knees? && !flagged?("knee")),
          (Finding.new("head_low", "hips above the head") if head_low? && !flagged?("head_low")),
          (Finding.new("overhead", "an arm past the ear") if overhead? && !flagged?("overhead")),
          (Finding.new("impact", "both feet in the air") if airborne? && @variation.impact == "none"),
          (Finding.new("gets_down", "gets down to the floor") if down? && !@variation.gets_down),
          *lying.reject { |position| @variation.positions.include?(position) }.map { |position| Finding.new("position", "is #{position}") }
        ].compact.reject { |finding| @given.key?(finding.flag) }
      end

      # @return [Array<Finding>] what the catalogue says and the figure does not show, without a reason in the figure's file
      def unseen
        [
          (Finding.new("impact", "is never in the air") if @variation.impact != "none" && !airborne?),
          (Finding.new("overhead", "never takes an arm past the ear") if @variation.strains.include?("overhead") && !overhead?),
          (Finding.new("head_low", "keeps the head above the hips") if @variation.strains.include?("head_low") && !head_low?),
          (Finding.new("position", "is not #{@variation.position}") if POSITIONS.value?(@variation.position) && !lying.include?(@variation.position))
        ].compact.reject { |finding| @given.key?(finding.flag) }
      end

      private

      def flagged?(name)
        @variation.joints.include?(name) || @variation.strains.include?(name) || @variation.unflagged.key?(name)
      end

      def held
        @keys.flat_map { |key| Body::SIDES.filter_map { |side| key.limbs[["hands", side]] } }.select { |limb| limb.is_a?(Solver::Held) }
      end

      # A hand on a wall or on the back of a chair steadies; on the floor, a seat, a step or a bench it carries.
      def hands?
        held.any? { |limb| limb.contact.kind == "palm" && !%w[wall post chair_back].include?(limb.contact.surface) } || rests?("hands")
      end

      def forearms?
        held.any? { |limb| limb.contact.kind == "forearm" && limb.contact.surface != "wall" }
      end

      def knees?
        rests?("knees")
      end

      def rests?(part)
        @keys.any? { |key| key.anchor&.first == part }
      end

      # Lying down, nothing is below or above.
      def head_low?
        @instants.any? { |points| (points["hip_l"][1] + points["hip_r"][1]) / 2 - points["head"][1] > HEAD_LOW_CM }
      end

      def overhead?
        @instants.any? do |points|
          Body::SIDES.any? do |side|
            arm = V.subtract(points["elbow_#{side}"], points["shoulder_#{side}"])
            V.angle(arm, V.subtract(points["neck"], V.mix(points["waist_l"], points["waist_r"], 0.5))) < PAST_THE_EAR
          end
        end
      end

      # In the air at a key pose, or both feet in new places at the end of one step: a jump, a hop or a run.
      def airborne?
        return false if held.any? { |limb| limb.contact.kind == "grip" } || lying.any?
        @keys.any? { |key| in_the_air?(key) } || @pairs.any? { |from, to| jumps?(from, to) } || over_the_hands?
      end

      def in_the_air?(key)
        key.anchor.nil? && key.limbs.values.none?(Solver::Held)
      end

      def jumps?(from, to)
        feet = [from, to].map { |key| standing(key) }
        return false if feet.any?(&:empty?)
        feet[0].none? { |side, place| feet[1][side] && (slides?(to, side) || V.distance(place, feet[1][side]) < MOVED_CM) }
      end

      # As on a belt: the floor goes by under a foot that stays down.
      def slides?(key, side)
        held = key.limbs[["feet", side]]
        held.is_a?(Solver::Held) && held.contact.slides
      end

      # Between two poses on the feet one on the hands alone.
      def over_the_hands?
        feet = @keys.map { |key| (key.anchor.nil? && standing(key).empty?) ? 0 : 1 }
        feet.join.match?(/10+1/)
      end

      # @return [Hash{String => Array<Float>}] where each foot is that carries
      def standing(key)
        part, rested = key.anchor
        Body::SIDES.select { |side| key.limbs[["feet", side]].is_a?(Solver::Held) || (%w[toes feet heels].include?(part) && (rested.nil? || rested == side)) }
          .to_h { |side| [side, key.limbs[["feet", side]].is_a?(Solver::Held) ? key.limbs[["feet", side]].point : key.bones["ball_#{side}"]] }
      end

      def down?
        @instants.any? { |points| [points["hip_l"][1], points["hip_r"][1]].min < DOWN_CM } || knees?
      end

      # @return [Array<String>] positions in which the body lies on the floor
      def lying
        @keys.filter_map { |key| (key.anchor && key.bones.pelvis.right[1].abs > 0.8) ? "side" : POSITIONS[key.anchor&.first] }.uniq
      end
    end
  end
end
