# frozen_string_literal: true

module Sparrow
  module Figure
    # An arm of a pose: by its angles, plumb in the room, on the body, or bent so that its hand holds where it is.
    module Arms
      V = Vector
      # How high the wrist is above what the hand is on.
      WRIST = {"palm" => 4.0, "fist" => 9.0, "tips" => 10.0, "grip" => 3.0, "forearm" => 4.0}.freeze
      ELBOWS = {"back" => [-1, 0, 0], "front" => [1, 0, 0], "out" => [0, 0, 1], "up" => [0, 1, 0], "down" => [0, -1, 0], "in" => [0, 0, -1]}.freeze

      module_function

      # @param held [Solver::Held, Contact, nil]
      def place(bones, pose, side, held, scene)
        case held
        when nil then hang(bones, pose, side)
        when Contact then on_the_body(bones, pose, side, held.kind)
        else (held.contact.kind == "forearm") ? prop(bones, pose, side, held, scene) : hold(bones, pose, side, held, scene)
        end
      end

      def hang(bones, pose, side)
        word = pose["arm_#{side}"]
        if word.is_a?(String)
          arm = plumb(bones, word, side)
          hinge = V.unit(V.square_to(bones.chest.right, arm), bones.chest.up)
        else
          arm, hinge = Skeleton.direction(bones.chest, side, pose.angle("arm_#{side}"), pose.angle("wide_#{side}"))
        end
        hinge = V.turn(hinge, arm, -Skeleton.sign(side) * pose.angle("inward_#{side}"))
        bones.bend_arm(side, arm, hinge, pose.angle("elbow_#{side}"), pose["rest"].to_s.start_with?("hands") ? Legs.ahead(bones.chest) : nil)
      end

      def plumb(bones, word, side)
        case word
        when "down" then V::DOWN
        when "up" then V::UP
        when "ahead" then Legs.ahead(bones.chest)
        when "back" then V.scale(Legs.ahead(bones.chest), -1)
        else V.scale(bones.chest.right, Skeleton.sign(side))
        end
      end

      # Where a hand falls by itself: below its shoulder; on a wall at its height.
      def spot(bones, _pose, side, contact)
        shoulder = bones["shoulder_#{side}"]
        (contact.kind == "forearm") ? shoulder : V.along(shoulder, V::RIGHT, Skeleton.sign(side) * 2)
      end

      # @return [Array<Float>] where the wrist is that belongs to a hold
      def wrist(held)
        rise = WRIST.fetch(held.contact.kind)
        return V.add(held.point, [-rise, 0, 0]) if %w[wall post].include?(held.contact.surface)
        return V.add(held.point, [0, -5, 0]) if held.contact.kind == "grip" && %w[bar].include?(held.contact.surface)
        V.along(held.point, V::UP, rise)
      end

      def hold(bones, pose, side, held, scene)
        target = wrist(held)
        elbow, wrist = bones.reach(bones["shoulder_#{side}"], target, Body::UPPER_ARM, Body::FOREARM, pole(bones, pose, side))
        hand = if held.contact.kind == "palm"
          scene.upright?(held.contact.surface) ? V::UP : Legs.ahead(bones.chest)
        else
          V.unit(V.subtract(held.point, wrist), V::DOWN)
        end
        finish(bones, side, elbow, wrist, hand)
      end

      # On the elbow, with the forearm along the floor, or up along a wall.
      def prop(bones, pose, side, held, scene)
        upright = scene.upright?(held.contact.surface)
        spot = upright ? V.add(held.point, [-Body::DEPTH["elbows"], 0, 0]) : V.along(held.point, V::UP, Body::DEPTH["elbows"])
        shoulder = bones["shoulder_#{side}"]
        length = V.distance(shoulder, spot)
        bones.shortfall = [bones.shortfall, (length - Body::UPPER_ARM).abs].max
        elbow = V.along(shoulder, V.unit(V.subtract(spot, shoulder)), Body::UPPER_ARM)
        along = upright ? V::UP : forearm_way(bones, pose, side)
        finish(bones, side, elbow, V.along(elbow, along, Body::FOREARM), along)
      end

      def forearm_way(bones, pose, side)
        return V.unit([bones.chest.forward[0], 0.0, bones.chest.forward[2]]) if bones.chest.right[1].abs > 0.6
        V.turn(Legs.ahead(bones.chest), V::UP, Skeleton.sign(side) * pose.angle("inward_#{side}"))
      end

      def on_the_body(bones, pose, side, kind)
        target = Touches.point(bones, side, kind)
        elbow, wrist = bones.reach(bones["shoulder_#{side}"], target, Body::UPPER_ARM, Body::FOREARM, pole(bones, pose, side, Touches::ELBOWS.fetch(kind, [-1, -0.3, 0.7])))
        finish(bones, side, elbow, wrist, Touches.hand(bones, side, kind, V.unit(V.subtract(wrist, elbow))))
      end

      def finish(bones, side, elbow, wrist, hand)
        bones.points["elbow_#{side}"] = elbow
        bones.points["wrist_#{side}"] = wrist
        bones.points["hand_#{side}"] = V.along(wrist, hand, Body::HAND)
      end

      # Which way the elbow bends: back and towards the feet, and out by +flare+; or by a word.
      def pole(bones, pose, side, usual = [-1, -0.8, 0])
        word = pose["elbows_#{side}"]
        forward, up, out = word ? ELBOWS.fetch(word) : usual
        out += Math.tan(Skeleton.radians(pose.angle("flare_#{side}").clamp(-60, 75))) * 1.3
        bones.chest.direction(forward, up, out * Skeleton.sign(side))
      end
    end
  end
end
