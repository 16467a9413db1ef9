# frozen_string_literal: true

module Sparrow
  module Figure
    # What a solved figure must hold in every frame: bones keep their length, nothing goes through the floor or
    # a prop, what stands does not slide, joints bend as joints do, nothing leaps, and who stands is in balance.
    class Checks
      V = Vector
      # Frames looked at in each step, besides its ends.
      FRAMES = 8
      REACH_CM = 2.0
      LENGTH = 0.005
      SLIDE_CM = 0.3
      # How far a point may be below the floor: soles and palms are thin.
      UNDER_CM = -1.0
      ABOVE = {"head" => 9.0, "hip" => 6.0, "shoulder" => 2.5, "waist" => 4.0, "neck" => 2.5, "knee" => 2.5, "elbow" => 1.5}.freeze
      # Degrees: how far each joint goes.
      KNEE = 162
      ELBOW = 158
      HIP = (-42..168)
      NECK = 78
      # The sine of the least bend of which a direction can be told.
      NEARLY_STRAIGHT = 0.24
      LEAP_CM = 46
      FLIP = 75
      # Two shins are no nearer than this, line to line.
      APART_CM = 2.0
      BALANCE_CM = 7.0
      TOUCH_CM = 4.0
      LENGTHS = Body::SIDES.flat_map do |side|
        {%w[hip knee] => Body::THIGH, %w[knee ankle] => Body::SHIN, %w[shoulder elbow] => Body::UPPER_ARM, %w[elbow wrist] => Body::FOREARM, %w[wrist hand] => Body::HAND}
          .map { |(from, to), length| ["#{from}_#{side}", "#{to}_#{side}", length] }
      end.freeze

      # @param motion [Motion]
      def initialize(motion)
        @motion = motion
        @scene = motion.scene
      end

      # @return [Array<String>] what is wrong, each thing once
      def problems
        keys = @motion.keys.map { |_, key| key }
        found = keys.flat_map { |key| reach(key) + balance(key) + touch(key) + instant(key.bones) }
        @motion.steps.reject(&:mirrored).each { |step| found.concat(on_the_way(step)) }
        found.uniq
      end

      # @param bones [Skeleton]
      # @return [Array<String>] what is wrong at one instant
      def instant(bones)
        lengths(bones) + floor(bones) + pieces(bones) + joints(bones) + apart(bones)
      end

      # @param step [Motion::Step]
      # @return [Array<String>]
      def on_the_way(step, count: FRAMES)
        between = InBetween.new(step.from, step.to, @scene)
        frames = [step.from.bones, *(1...count).map { |index| between.at(index / count.to_f) }, step.to.bones]
        frames.flat_map { |bones| instant(bones) + ((bones.shortfall > REACH_CM) ? ["reaches #{bones.shortfall.round} cm too far on its way"] : []) } + leaps(frames, count) + slides(step, frames)
      end

      # @return [Array<String>]
      def slides(step, frames)
        step.from.limbs.filter_map do |limb, held|
          other = step.to.limbs[limb]
          next unless held.is_a?(Solver::Held) && other.is_a?(Solver::Held) && V.distance(held.point, other.point) < InBetween::STILL
          # A hand that changes its grip moves, and who goes on to the heel turns about it.
          next if (limb[0] == "hands") ? held.contact.kind != other.contact.kind : [held, other].any? { |foot| foot.contact.kind == "heel" }
          name = "#{{"feet" => "ball", "hands" => "wrist"}.fetch(limb[0])}_#{limb[1]}"
          moved = frames.map { |bones| V.distance(bones[name], frames.first[name]) }.max
          "#{name} slides #{moved.round(1)} cm" if moved > SLIDE_CM && !(limb[0] == "hands" && held.contact.kind == "forearm")
        end
      end

      private

      def reach(key)
        (key.bones.shortfall > REACH_CM) ? ["reaches #{key.bones.shortfall.round(1)} cm too far"] : []
      end

      def lengths(bones)
        LENGTHS.filter_map { |from, to, length| "#{from} to #{to} is not #{length} cm" if (V.distance(bones[from], bones[to]) - length).abs > length * LENGTH }
      end

      def floor(bones)
        bones.points.filter_map do |name, point|
          least = ABOVE.fetch(name.sub(/_[lr]\z/, ""), UNDER_CM)
          "#{name} goes #{(least - point[1]).round(1)} cm into the floor" if point[1] < least - 0.6
        end
      end

      # Walls are not passed, and benches and steps are not entered.
      def pieces(bones)
        @scene.pieces.reject(&:held).flat_map do |piece|
          case piece.kind
          when "wall" then wall(piece, bones)
          when "bench", "step" then box(piece, bones)
          else []
          end
        end
      end

      def wall(piece, bones)
        inside = if piece.z.zero?
          side = (piece.x <=> bones.at[0])
          ->(point) { (point[0] - piece.x) * side }
        else
          side = (piece.z <=> bones.at[2])
          ->(point) { (point[2] - piece.z) * side }
        end
        deepest = bones.points.max_by { |_, point| inside.call(point) }
        (inside.call(deepest[1]) > 2.5) ? ["#{deepest[0]} goes through the wall"] : []
      end

      def box(piece, bones)
        bones.points.filter_map do |name, point|
          "#{name} goes into the #{piece.kind}" if (point[0] - piece.x).abs < piece.half - 6 && (point[2] - piece.z).abs < 30 && point[1] < piece.h - 5 && point[1] > 0
        end
      end

      def joints(bones)
        Body::SIDES.flat_map do |side|
          thigh, shin, arm, forearm = [%w[hip knee], %w[knee ankle], %w[shoulder elbow], %w[elbow wrist]].map { |from, to| V.unit(V.subtract(bones["#{to}_#{side}"], bones["#{from}_#{side}"])) }
          [bend("knee_#{side}", V.angle(thigh, shin), KNEE), bend("elbow_#{side}", V.angle(arm, forearm), ELBOW), backwards(bones, side, V.cross(thigh, shin)), hip(bones, side, thigh)]
        end.compact + neck(bones)
      end

      def bend(name, angle, most)
        "#{name} bends #{angle.round} degrees" if angle > most
      end

      # A knee bends backwards only: of the thigh and the shin, the side on which the front is.
      # @param across [Array<Float>] square to thigh and shin, and the longer the more it is bent
      def backwards(bones, side, across)
        return if V.length(across) < NEARLY_STRAIGHT
        "knee_#{side} bends forwards" if V.dot(V.unit(across), bones.pelvis.right) > 0.62
      end

      def hip(bones, side, thigh)
        flexed = Math.atan2(V.dot(thigh, bones.pelvis.forward), -V.dot(thigh, bones.pelvis.up)) * 180 / Math::PI
        aside = V.dot(thigh, bones.pelvis.right).abs
        "hip_#{side} bends #{flexed.round} degrees" if aside < 0.8 && !HIP.cover?(flexed)
      end

      def neck(bones)
        angle = V.angle(bones.head.up, bones.chest.up)
        (angle > NECK) ? ["neck bends #{angle.round} degrees"] : []
      end

      def apart(bones)
        [%w[knee ankle shin]].filter_map do |from, to, name|
          gap = Segments.gap(*Body::SIDES.map { |side| [bones["#{from}_#{side}"], bones["#{to}_#{side}"]] })
          "#{name}s are #{gap.round(1)} cm apart" if gap < APART_CM
        end
      end

      def leaps(frames, count)
        most = LEAP_CM * FRAMES / count.to_f
        frames.each_cons(2).flat_map do |one, other|
          far = one.points.keys.filter_map { |name| "#{name} leaps" if V.distance(one[name], other[name]) > most }
          far + Body::SIDES.flat_map do |side|
            [%w[hip knee], %w[shoulder elbow]].filter_map do |from, to|
              lines = [one, other].map { |bones| V.subtract(bones["#{to}_#{side}"], bones["#{from}_#{side}"]) }
              "#{to}_#{side} flips" if V.angle(*lines) > FLIP * FRAMES / count.to_f
            end
          end
        end
      end

      # Who stands on the feet alone, and does not go somewhere, has the weight over them.
      def balance(key)
        feet = Body::SIDES.filter_map { |side| key.limbs[["feet", side]].is_a?(Solver::Held) ? side : nil }
        return [] if feet.empty? || @motion.written["swift"] || key.anchor || leans?(key)
        weight = Body.balance(key.bones.points)
        spread = feet.flat_map { |side| [key.bones["heel_#{side}"], key.bones["toe_#{side}"]] }
        [0, 2].filter_map do |axis|
          low, high = spread.map { |point| point[axis] }.minmax
          off = [low - weight[axis], weight[axis] - high].max
          "weight is #{off.round} cm beyond the feet" if off > BALANCE_CM
        end
      end

      def leans?(key)
        Body::SIDES.any? { |side| key.limbs[["hands", side]].is_a?(Solver::Held) } || @scene.pieces.any? { |piece| %w[wall post band].include?(piece.kind) }
      end

      def touch(key)
        Array(key.pose["touch"]).filter_map do |line|
          gap = Touch.gap(key.bones, line, @scene)
          "#{line}: #{gap.round(1)} cm away" if gap > TOUCH_CM
        end
      end
    end
  end
end
