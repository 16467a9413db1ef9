# frozen_string_literal: true

module Sparrow
  module Figure
    # Where a hand lies that is laid on the body itself.
    module Touches
      V = Vector
      # Forward, up and out: which way the elbow goes.
      ELBOWS = {
        "ears" => [0.2, 0, 1], "head" => [0.2, 0.3, 1], "hips" => [-0.6, 0, 1], "chest" => [-0.3, -1, 1], "crossed" => [0.6, -1, 0.3], "together" => [-0.2, -0.6, 1], "clasp" => [0, -1, 0.5],
        "shoulders" => [0.6, -0.6, 0.6], "behind" => [-1, 0, 0.5], "other_elbow" => [0.5, 0.5, 0.5]
      }.freeze

      module_function

      # @return [Array<Float>] where the wrist is
      def point(bones, side, kind)
        other = (side == "r") ? "l" : "r"
        out = V.scale(bones.chest.right, Skeleton.sign(side))
        case kind
        when "hips" then on(bones["hip_#{side}"], bones.pelvis, side, 2, 13, 9)
        when "low_back" then on(bones.at, bones.pelvis, side, -12, 8, 6)
        when "behind" then on(bones.at, bones.pelvis, side, -16, 2, 5)
        when "belly" then on(V.mix(bones["waist_l"], bones["waist_r"], 0.5), bones.pelvis, side, 13, -3, 5)
        when "chest" then on(bones["neck"], bones.chest, side, 13, -16, 7)
        when "clasp" then on(bones["neck"], bones.chest, side, 20, -16, 4)
        when "together" then on(bones["neck"], bones.chest, side, 24, -16, 2.5)
        when "ears" then V.add(on(bones["head"], bones.head, side, 1, -2, 0), V.scale(out, 13))
        when "head" then V.add(on(bones["head"], bones.head, side, -11, -2, 0), V.scale(out, 6))
        when "crossed" then V.along(V.along(bones["shoulder_#{other}"], bones.chest.forward, 8), bones.chest.up, -3)
        when "shoulders" then V.along(V.along(bones["shoulder_#{side}"], bones.chest.forward, 13), bones.chest.up, 2)
        when "other_elbow" then V.along(bones["elbow_#{other}"], bones.chest.forward, 5)
        else on_the_leg(bones, side, other, kind)
        end
      end

      def on_the_leg(bones, side, other, kind)
        thigh = V.subtract(bones["knee_#{side}"], bones["hip_#{side}"])
        front = V.unit(V.square_to(bones.pelvis.direction(1, 0.5, 0), V.unit(thigh)))
        case kind
        when "thighs" then thigh(bones, side, front)
        when "under_thigh" then V.along(V.mix(bones["hip_#{side}"], bones["knee_#{side}"], 0.5), front, -8)
        when "under_other" then V.along(V.mix(bones["hip_#{other}"], bones["knee_#{other}"], 0.5), V.unit(V.square_to(bones.pelvis.direction(1, 0.5, 0), V.unit(V.subtract(bones["knee_#{other}"], bones["hip_#{other}"])))), -8)
        when "knees" then V.along(bones["knee_#{side}"], front, 7)
        when "other_knee" then V.along(bones["knee_#{other}"], front, 7)
        when "shins" then V.mix(bones["knee_#{side}"], bones["ankle_#{side}"], 0.45)
        else V.mix(bones["ankle_#{side}"], bones["knee_#{side}"], 0.06)
        end
      end

      # As far down the thigh as the arm goes.
      def thigh(bones, side, front)
        spots = [0.6, 0.5, 0.4, 0.3, 0.2].map { |share| V.along(V.mix(bones["hip_#{side}"], bones["knee_#{side}"], share), front, 8) }
        spots.find { |spot| V.distance(spot, bones["shoulder_#{side}"]) < Body::ARM * 0.99 } || spots.last
      end

      def on(point, part, side, forward, up, out)
        V.add(point, part.direction(forward, up, out * Skeleton.sign(side)))
      end

      # @return [Array<Float>] which way the fingers point
      def hand(bones, side, kind, along)
        case kind
        when "hips" then V.unit(bones.pelvis.direction(1, -1, 0))
        when "together" then bones.chest.up
        when "ears", "head" then V.unit(V.add(V.scale(bones.head.up, 0.6), V.scale(bones.head.forward, -0.4)))
        else along
        end
      end
    end
  end
end
