# frozen_string_literal: true

module Sparrow
  module Figure
    # Where a hand lies that is laid on the body itself.
    class Touches
      V = Vector
      # Forward, up and out: which way the elbow goes.
      ELBOWS = {
        "ears" => [0.2, 0, 1], "head" => [0.2, 0.3, 1], "hips" => [-0.6, 0, 1], "chest" => [-0.3, -1, 1], "crossed" => [0.6, -1, 0.3], "together" => [-0.2, -0.6, 1], "clasp" => [0, -1, 0.5],
        "shoulders" => [0.6, -0.6, 0.6], "behind" => [-1, 0, 0.5], "other_elbow" => [0.5, 0.5, 0.5]
      }.freeze
      # Forward, up and out of the hips, the waist or the neck: where the wrist is.
      AT = {
        "hips" => ["hip", [2, 13, 9]], "low_back" => ["middle", [-12, 8, 6]], "behind" => ["middle", [-16, 2, 5]], "belly" => ["waist", [13, -3, 5]],
        "chest" => ["neck", [13, -16, 7]], "clasp" => ["neck", [20, -16, 4]], "together" => ["neck", [24, -16, 2.5]]
      }.freeze
      # How far down the thigh a hand may lie, from the farthest on.
      THIGH = [0.6, 0.5, 0.4, 0.3, 0.2].freeze

      # @param bones [Skeleton]
      # @param side [String] l or r
      def initialize(bones, side)
        @bones = bones
        @side = side
        @other = (side == "r") ? "l" : "r"
      end

      # @param kind [String] one of Contact::BODY
      # @return [Array<Float>] where the wrist is
      def point(kind)
        return on(*AT.fetch(kind)) if AT.key?(kind)
        chest = @bones.chest
        case kind
        when "ears" then beside_the_head(1, 13)
        when "head" then beside_the_head(-11, 6)
        when "crossed" then V.along(V.along(@bones["shoulder_#{@other}"], chest.forward, 8), chest.up, -3)
        when "shoulders" then V.along(V.along(@bones["shoulder_#{@side}"], chest.forward, 13), chest.up, 2)
        when "other_elbow" then V.along(@bones["elbow_#{@other}"], chest.forward, 5)
        else on_a_leg(kind)
        end
      end

      # @param along [Array<Float>] the forearm's direction
      # @return [Array<Float>] which way the fingers point
      def hand(kind, along)
        case kind
        when "hips" then V.unit(@bones.pelvis.direction(1, -1, 0))
        when "together" then @bones.chest.up
        when "ears", "head" then V.unit(V.add(V.scale(@bones.head.up, 0.6), V.scale(@bones.head.forward, -0.4)))
        else along
        end
      end

      private

      def on(what, offset)
        from = {"hip" => -> { @bones["hip_#{@side}"] }, "middle" => -> { @bones.at }, "waist" => -> { V.mix(@bones["waist_l"], @bones["waist_r"], 0.5) }, "neck" => -> { @bones["neck"] }}.fetch(what).call
        forward, up, out = offset
        V.add(from, ((what == "neck") ? @bones.chest : @bones.pelvis).direction(forward, up, out * Skeleton.sign(@side)))
      end

      def beside_the_head(forward, out)
        V.add(V.add(@bones["head"], @bones.head.direction(forward, -2, 0)), V.scale(@bones.chest.right, out * Skeleton.sign(@side)))
      end

      def on_a_leg(kind)
        case kind
        when "thighs" then thigh
        when "under_thigh" then V.along(V.mix(@bones["hip_#{@side}"], @bones["knee_#{@side}"], 0.5), front(@side), -8)
        when "under_other" then V.along(V.mix(@bones["hip_#{@other}"], @bones["knee_#{@other}"], 0.5), front(@other), -8)
        when "knees" then V.along(@bones["knee_#{@side}"], front(@side), 7)
        when "other_knee" then V.along(@bones["knee_#{@other}"], front(@side), 7)
        when "shins" then V.mix(@bones["knee_#{@side}"], @bones["ankle_#{@side}"], 0.45)
        else V.mix(@bones["ankle_#{@side}"], @bones["knee_#{@side}"], 0.06)
        end
      end

      # Which way the front of a thigh is.
      def front(side)
        V.unit(V.square_to(@bones.pelvis.direction(1, 0.5, 0), V.unit(V.subtract(@bones["knee_#{side}"], @bones["hip_#{side}"]))))
      end

      # As far down the thigh as the arm goes.
      def thigh
        spots = THIGH.map { |share| V.along(V.mix(@bones["hip_#{@side}"], @bones["knee_#{@side}"], share), front(@side), 8) }
        spots.find { |spot| V.distance(spot, @bones["shoulder_#{@side}"]) < Body::ARM * 0.99 } || spots.last
      end
    end
  end
end
