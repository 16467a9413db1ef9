# frozen_string_literal: true

module Sparrow
  module Figure
    # A leg of a pose: by its angles, or bent so that its foot stands where it holds.
    class Leg
      V = Vector
      # By how much the heel, or the toes, are lifted where nothing is written; degrees.
      HEEL = 38
      TOES = 25
      FACING = 6

      # Which way is ahead on the floor: of who lies, where their toes point.
      # @param part [Orientation]
      def self.ahead(part)
        level = [part.forward[0], 0.0, part.forward[2]]
        level = V.scale([part.up[0], 0.0, part.up[2]], part.forward[1].positive? ? -1 : 1) if V.length(level) < 0.8
        V.unit(level, V::FORWARD)
      end

      # A direction of the room by a word: down, up, ahead, back, side.
      def self.plumb(part, word, side)
        case word
        when "down" then V::DOWN
        when "up" then V::UP
        when "ahead" then ahead(part)
        when "back" then V.scale(ahead(part), -1)
        else V.scale(part.right, Skeleton.sign(side))
        end
      end

      # @return [Numeric] by how much a foot is tipped: the heel up, or less than nothing where the toes are
      def self.raised(pose, side, kind)
        {"toes" => pose["heel_#{side}"] || HEEL, "heel" => -(pose["heel_#{side}"] || TOES)}.fetch(kind, 0)
      end

      # @param bones [Skeleton]
      # @param pose [Pose]
      # @param side [String] l or r
      def initialize(bones, pose, side)
        @bones = bones
        @pose = pose
        @side = side
      end

      # @param held [Solver::Held, nil]
      def place(held)
        held ? stand(held) : hang
      end

      # @return [Array<Float>] where a foot falls by itself: below its hip, its ball ahead of the ankle
      def spot
        hip = @bones["hip_#{@side}"]
        V.along([0.0, 0.0, hip[2] + Skeleton.sign(@side) - @bones.at[2]], Leg.ahead(@bones.pelvis), Body::BALL)
      end

      # @return [Array<Float>] where the ankle is of a foot that holds: about its ball, or about its heel
      def ankle(held)
        foot, sole = tread(held)
        on_heel = held.contact.kind == "heel"
        about = on_heel ? V.along(held.point, facing, -Body::BALL - Body::HEEL) : held.point
        V.along(V.along(V.along(about, V::UP, 2.0), foot, on_heel ? Body::HEEL : -Body::BALL), sole, -(Body::ANKLE - 2))
      end

      private

      def hang
        thigh, hinge = upper
        hinge = V.turn(hinge, thigh, Skeleton.sign(@side) * @pose.angle("rot_#{@side}"))
        @bones.bend_leg(@side, thigh, hinge, knee: @pose.angle("knee_#{@side}"), ankle: @pose.angle("ankle_#{@side}"), toes: on?("toes") ? facing : nil)
        @bones.lay_foot(@side, facing, V::DOWN) if on?("feet")
      end

      def upper
        word = @pose["hip_#{@side}"]
        return Skeleton.direction(@bones.pelvis, @side, flexed: @pose.angle("hip_#{@side}"), out: @pose.angle("out_#{@side}")) unless word.is_a?(String)
        thigh = Leg.plumb(@bones.pelvis, word, @side)
        [thigh, V.unit(V.square_to(@bones.pelvis.right, thigh))]
      end

      # @return [Boolean] whether the body rests on this foot, or on its toes
      def on?(part)
        @pose["rest"].to_s.match?(/\A#{part}(_#{@side})?( |\z)/)
      end

      def facing
        V.turn(Leg.ahead(@bones.pelvis), V::UP, -Skeleton.sign(@side) * (@pose["toes_#{@side}"] || FACING))
      end

      # A knee bends forwards of the line from hip to ankle, and to its side by `knees`.
      def stand(held)
        ankle = ankle(held)
        front = V.unit(V.cross(@bones.pelvis.right, V.subtract(ankle, @bones["hip_#{@side}"])))
        pole = V.along(front, @bones.pelvis.right, Skeleton.sign(@side) * Math.tan(Skeleton.radians((@pose["knees_#{@side}"] || 4).clamp(-60, 75))))
        @bones.points["knee_#{@side}"], @bones.points["ankle_#{@side}"] = @bones.reach([@bones["hip_#{@side}"], ankle], Body::THIGH, Body::SHIN, pole: pole)
        @bones.lay_foot(@side, *tread(held), toes: (held.contact.kind == "heel") ? nil : facing)
      end

      # @return [Array] how the foot points, and its sole
      def tread(held)
        raised = held.raised || Leg.raised(@pose, @side, held.contact.kind)
        across = V.unit(V.cross(facing, V::UP))
        [V.turn(facing, across, -raised), V.turn(V::DOWN, across, -raised)]
      end
    end
  end
end
