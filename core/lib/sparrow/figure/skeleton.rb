# frozen_string_literal: true

module Sparrow
  module Figure
    # The bones of one pose, from the pelvis outwards: each point of Body::POINTS, and how
    # the parts of the trunk lie. It is filled while a pose is solved, and then frozen.
    class Skeleton
      V = Vector
      attr_reader :points, :pelvis, :chest, :head, :at
      # How far what should be touched was out of reach, in cm.
      attr_accessor :shortfall

      # @param numbers [#angle] the trunk's angles
      # @param at [Array<Float>] the middle of the hips
      def initialize(numbers, at = V::ORIGIN)
        @at = at
        @points = {}
        @shortfall = 0.0
        @pelvis = Orientation.of(turn: numbers.angle("turn"), tilt: numbers.angle("tilt"), roll: numbers.angle("roll"), spin: numbers.angle("spin"))
        curl, bend, twist = %w[curl bend twist].map { |key| numbers.angle(key) }
        lower = @pelvis.bent(curl * 0.4, bend * 0.4, twist * 0.4)
        @chest = @pelvis.bent(curl, bend, twist)
        @head = @chest.bent(numbers.angle("nod"), numbers.angle("ear"), numbers.angle("look"))
        trunk(lower)
      end

      # @return [Array<Float>]
      def [](point)
        @points.fetch(point)
      end

      # @return [Integer] 1 to the right, -1 to the left
      def self.sign(side)
        (side == "r") ? 1 : -1
      end

      # Where a limb points, and about what its hinge bends forwards.
      # @param part [Orientation]
      # @return [Array(Array<Float>, Array<Float>)]
      def self.direction(part, side, flexed:, out:)
        sign = sign(side)
        sine, cosine, aside, within = [Math.sin(radians(flexed)), Math.cos(radians(flexed)), Math.sin(radians(out)), Math.cos(radians(out))]
        [part.direction(within * sine, -within * cosine, sign * aside), part.direction(-sign * aside * sine, sign * aside * cosine, within)]
      end

      def self.radians(degrees)
        degrees * Math::PI / 180
      end

      # @param thigh [Array<Float>] its direction
      # @param hinge [Array<Float>]
      def bend_leg(side, thigh, hinge, knee:, ankle:, toes: nil)
        shin = V.turn(thigh, hinge, -knee)
        @points["knee_#{side}"] = V.along(self["hip_#{side}"], thigh, Body::THIGH)
        @points["ankle_#{side}"] = V.along(self["knee_#{side}"], shin, Body::SHIN)
        foot = V.turn(shin, hinge, 90 - ankle)
        lay_foot(side, foot, V.turn(foot, hinge, -90), toes: toes)
      end

      # @param foot [Array<Float>] towards the toes
      # @param sole [Array<Float>] from the ankle to the sole
      # @param toes [Array<Float>, nil] where they bend against the foot: ahead on what the ball stands on
      def lay_foot(side, foot, sole, toes: nil)
        under = V.along(self["ankle_#{side}"], sole, Body::ANKLE - 2)
        @points["heel_#{side}"] = V.along(under, foot, -Body::HEEL)
        @points["ball_#{side}"] = V.along(under, foot, Body::BALL)
        @points["toe_#{side}"] = V.along(@points["ball_#{side}"], toes || foot, Body::TIP)
      end

      # @param arm [Array<Float>] the upper arm's direction
      def bend_arm(side, arm, hinge, elbow:, hand: nil)
        forearm = V.turn(arm, hinge, elbow)
        @points["elbow_#{side}"] = V.along(self["shoulder_#{side}"], arm, Body::UPPER_ARM)
        @points["wrist_#{side}"] = V.along(self["elbow_#{side}"], forearm, Body::FOREARM)
        @points["hand_#{side}"] = V.along(self["wrist_#{side}"], hand || forearm, Body::HAND)
      end

      # Two bones from a point to another, bent towards +pole+.
      # @param ends [Array(Array<Float>, Array<Float>)] from where, and to where
      # @return [Array<Float>] the middle joint; the end is the target, or as near as it can be
      def reach(ends, upper, lower, pole:)
        from, target = ends
        line = V.subtract(target, from)
        wanted = V.length(line)
        length = wanted.clamp((upper - lower).abs + 0.1, (upper + lower) * 0.9995)
        @shortfall = [@shortfall, (wanted - length).abs].max
        axis = V.unit(line)
        along = (upper**2 - lower**2 + length**2) / (2 * length)
        aside = Math.sqrt([upper**2 - along**2, 0.0].max)
        middle = V.along(V.along(from, axis, along), V.unit(V.square_to(pole, axis), V.unit(V.square_to(@pelvis.forward, axis))), aside)
        [middle, V.along(from, axis, length)]
      end

      # @return [Skeleton] moved as a whole
      def moved(by)
        @points.transform_values! { |point| V.add(point, by) }
        @at = V.add(@at, by)
        self
      end

      def freeze
        @points.freeze
        super
      end

      private

      def trunk(lower)
        waist = V.along(@at, lower.up, Body::LOWER_TRUNK)
        neck = V.along(waist, @chest.up, Body::UPPER_TRUNK)
        @points["neck"] = neck
        @points["head"] = V.along(V.along(neck, @head.up, Body::NECK), @head.forward, 2.0)
        @points["nose"] = V.along(V.along(@points["head"], @head.forward, Body::HEAD + 1.0), @head.up, -2.0)
        Body::SIDES.each do |side|
          sign = Skeleton.sign(side)
          @points["waist_#{side}"] = V.along(waist, lower.right, sign * Body::HALF_WAIST)
          @points["hip_#{side}"] = V.along(@at, @pelvis.right, sign * Body::HALF_HIPS)
          @points["shoulder_#{side}"] = V.along(V.along(neck, @chest.up, -Body::SHOULDER_DROP), @chest.right, sign * Body::HALF_SHOULDERS)
        end
      end
    end
  end
end
