# frozen_string_literal: true

module Sparrow
  module Figure
    # A leg of a pose: by its angles, or bent so that its foot stands where it holds.
    module Legs
      V = Vector
      HEEL = 38
      TOES = 25

      module_function

      # @param held [Solver::Held, nil]
      def place(bones, pose, side, held)
        return stand(bones, pose, side, held) if held
        if pose["hip_#{side}"].is_a?(String)
          thigh = plumb(bones, pose["hip_#{side}"], side)
          hinge = V.unit(V.square_to(bones.pelvis.right, thigh))
        else
          thigh, hinge = Skeleton.direction(bones.pelvis, side, pose.angle("hip_#{side}"), pose.angle("out_#{side}"))
        end
        hinge = V.turn(hinge, thigh, Skeleton.sign(side) * pose.angle("rot_#{side}"))
        bones.bend_leg(side, thigh, hinge, pose.angle("knee_#{side}"), pose.angle("ankle_#{side}"), on?(pose, side, "toes") ? facing(bones, pose, side) : nil)
        bones.lay_foot(side, facing(bones, pose, side), V::DOWN) if on?(pose, side, "feet")
      end

      # @return [Boolean] whether the body rests on this foot, or on its toes
      def on?(pose, side, part)
        pose["rest"].to_s.match?(/\A#{part}(_#{side})?( |\z)/)
      end

      def plumb(bones, word, side)
        case word
        when "down" then V::DOWN
        when "up" then V::UP
        when "ahead" then ahead(bones.pelvis)
        when "back" then V.scale(ahead(bones.pelvis), -1)
        else V.scale(bones.pelvis.right, Skeleton.sign(side))
        end
      end

      # Which way is ahead on the floor: of who lies, where their toes point.
      def ahead(part)
        level = [part.forward[0], 0.0, part.forward[2]]
        level = V.scale([part.up[0], 0.0, part.up[2]], part.forward[1].positive? ? -1 : 1) if V.length(level) < 0.8
        V.unit(level, V::FORWARD)
      end

      def facing(bones, pose, side)
        V.turn(ahead(bones.pelvis), V::UP, -Skeleton.sign(side) * (pose["toes_#{side}"] || 6))
      end

      # Where a foot falls by itself: below its hip, its ball ahead of the ankle.
      def spot(bones, pose, side)
        hip = bones["hip_#{side}"]
        V.along([0.0, 0.0, hip[2] + Skeleton.sign(side) - bones.at[2]], ahead(bones.pelvis), Body::BALL)
      end

      def stand(bones, pose, side, held)
        ankle = ankle(bones, pose, side, held)
        front = V.unit(V.cross(bones.pelvis.right, V.subtract(ankle, bones["hip_#{side}"])))
        pole = V.along(front, bones.pelvis.right, Skeleton.sign(side) * Math.tan(Skeleton.radians((pose["knees_#{side}"] || 4).clamp(-60, 75))))
        bones.points["knee_#{side}"], bones.points["ankle_#{side}"] = bones.reach(bones["hip_#{side}"], ankle, Body::THIGH, Body::SHIN, pole)
        bones.lay_foot(side, *tread(bones, pose, side, held), (held.contact.kind == "heel") ? nil : facing(bones, pose, side))
      end

      # Where the ankle is of a foot that holds: about its ball, or about its heel.
      def ankle(bones, pose, side, held)
        foot, sole = tread(bones, pose, side, held)
        on_heel = held.contact.kind == "heel"
        about = on_heel ? V.along(held.point, facing(bones, pose, side), -Body::BALL - Body::HEEL) : held.point
        V.along(V.along(V.along(about, V::UP, 2.0), foot, on_heel ? Body::HEEL : -Body::BALL), sole, -(Body::ANKLE - 2))
      end

      def raised(pose, side, kind)
        {"toes" => pose["heel_#{side}"] || HEEL, "heel" => -(pose["heel_#{side}"] || TOES)}.fetch(kind, 0)
      end

      # @return [Array] how the foot points, and its sole
      def tread(bones, pose, side, held)
        facing = facing(bones, pose, side)
        raised = held.raised || raised(pose, side, held.contact.kind)
        across = V.unit(V.cross(facing, V::UP))
        [V.turn(facing, across, -raised), V.turn(V::DOWN, across, -raised)]
      end
    end
  end
end
