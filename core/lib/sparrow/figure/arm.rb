# frozen_string_literal: true

module Sparrow
  module Figure
    # An arm of a pose: by its angles, plumb in the room, on the body, or bent so that its hand holds where it is.
    class Arm
      V = Vector
      # How high the wrist is above what the hand is on.
      WRIST = {"palm" => 4.0, "fist" => 9.0, "tips" => 10.0, "grip" => 3.0, "forearm" => 4.0}.freeze
      ELBOWS = {"back" => [-1, 0, 0], "front" => [1, 0, 0], "out" => [0, 0, 1], "up" => [0, 1, 0], "down" => [0, -1, 0], "in" => [0, 0, -1]}.freeze
      # Which way elbows go by themselves: back, and towards the feet.
      USUAL = [-1, -0.8, 0].freeze
      BELOW_A_BAR = 5.0

      # @param held [Solver::Held]
      # @return [Array<Float>] where the wrist is that belongs to a hold
      def self.wrist(held)
        rise = WRIST.fetch(held.contact.kind)
        return V.add(held.point, [-rise, 0, 0]) if %w[wall post].include?(held.contact.surface)
        return V.add(held.point, [0, -BELOW_A_BAR, 0]) if held.contact.kind == "grip" && held.contact.surface == "bar"
        V.along(held.point, V::UP, rise)
      end

      # @param bones [Skeleton]
      # @param pose [Pose]
      # @param side [String] l or r
      def initialize(bones, pose, side)
        @bones = bones
        @pose = pose
        @side = side
      end

      # @param held [Solver::Held, Contact, nil]
      def place(held, scene)
        case held
        when nil then hang
        when Contact then on_the_body(held.kind)
        else (held.contact.kind == "forearm") ? prop(held, scene) : hold(held, scene)
        end
      end

      # @return [Array<Float>] where a hand falls by itself: below its shoulder; on a wall at its height
      def spot(contact)
        shoulder = @bones["shoulder_#{@side}"]
        (contact.kind == "forearm") ? shoulder : V.along(shoulder, V::RIGHT, Skeleton.sign(@side) * 2)
      end

      private

      def hang
        arm, hinge = upper
        hinge = V.turn(hinge, arm, -Skeleton.sign(@side) * @pose.angle("inward_#{@side}"))
        hand = @pose["rest"].to_s.start_with?("hands") ? Leg.ahead(@bones.chest) : nil
        @bones.bend_arm(@side, arm, hinge, elbow: @pose.angle("elbow_#{@side}"), hand: hand)
      end

      def upper
        word = @pose["arm_#{@side}"]
        return Skeleton.direction(@bones.chest, @side, flexed: @pose.angle("arm_#{@side}"), out: @pose.angle("wide_#{@side}")) unless word.is_a?(String)
        arm = Leg.plumb(@bones.chest, word, @side)
        [arm, V.unit(V.square_to(@bones.chest.right, arm), @bones.chest.up)]
      end

      def hold(held, scene)
        elbow, wrist = bent(Arm.wrist(held), pole(USUAL))
        hand = if held.contact.kind == "palm"
          scene.upright?(held.contact.surface) ? V::UP : Leg.ahead(@bones.chest)
        else
          V.unit(V.subtract(held.point, wrist), V::DOWN)
        end
        finish(elbow, wrist, hand)
      end

      # On the elbow, with the forearm along the floor, or up along a wall.
      def prop(held, scene)
        upright = scene.upright?(held.contact.surface)
        spot = upright ? V.add(held.point, [-Body::DEPTH["elbows"], 0, 0]) : V.along(held.point, V::UP, Body::DEPTH["elbows"])
        shoulder = @bones["shoulder_#{@side}"]
        @bones.shortfall = [@bones.shortfall, (V.distance(shoulder, spot) - Body::UPPER_ARM).abs].max
        elbow = V.along(shoulder, V.unit(V.subtract(spot, shoulder)), Body::UPPER_ARM)
        along = upright ? V::UP : forearm_way
        finish(elbow, V.along(elbow, along, Body::FOREARM), along)
      end

      def forearm_way
        chest = @bones.chest
        return V.unit([chest.forward[0], 0.0, chest.forward[2]]) if chest.right[1].abs > 0.6
        V.turn(Leg.ahead(chest), V::UP, Skeleton.sign(@side) * @pose.angle("inward_#{@side}"))
      end

      def on_the_body(kind)
        touches = Touches.new(@bones, @side)
        elbow, wrist = bent(touches.point(kind), pole(Touches::ELBOWS.fetch(kind, [-1, -0.3, 0.7])))
        finish(elbow, wrist, touches.hand(kind, V.unit(V.subtract(wrist, elbow))))
      end

      def bent(target, pole)
        @bones.reach([@bones["shoulder_#{@side}"], target], Body::UPPER_ARM, Body::FOREARM, pole: pole)
      end

      def finish(elbow, wrist, hand)
        @bones.points["elbow_#{@side}"] = elbow
        @bones.points["wrist_#{@side}"] = wrist
        @bones.points["hand_#{@side}"] = V.along(wrist, hand, Body::HAND)
      end

      # Which way the elbow bends, and out by `flare`; or by a word.
      def pole(usual)
        word = @pose["elbows_#{@side}"]
        forward, up, out = word ? ELBOWS.fetch(word) : usual
        out += Math.tan(Skeleton.radians(@pose.angle("flare_#{@side}").clamp(-60, 75))) * 1.3
        @bones.chest.direction(forward, up, out * Skeleton.sign(@side))
      end
    end
  end
end
