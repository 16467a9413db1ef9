# frozen_string_literal: true

module Sparrow
  module Figure
    # By how much a pose misses what it should meet, and the angle at which it does not.
    module Fit
      V = Vector
      STEP = 3.0
      WIDEST = 100

      module_function

      # @param key [Solver::Key]
      # @param what [String] hands, elbows, or a part that comes to +amount+ above what the hands are on
      # @return [Float] cm; negative where it is too low, or too near
      def miss(key, what, amount:, scene:)
        bones = key.bones
        held = Body::SIDES.filter_map { |side| key.limbs[["hands", side]] }.select { |limb| limb.is_a?(Solver::Held) }.max_by { |limb| ((limb.contact.kind == "forearm") == (what == "elbows")) ? 1 : 0 }
        case what
        when "hands" then farthest(key) - Body::ARM * 0.968
        when "elbows" then elbow_gap(bones, held, scene)
        else
          point = part(bones, what)
          if held && scene.upright?(held.contact.surface)
            held.point[0] - point[0] - amount
          else
            point[1] - (held ? held.point[1] : 0) - amount
          end
        end
      end

      # From the shoulder to where the hand holds, of two the farther.
      def farthest(key)
        Body::SIDES.filter_map do |side|
          held = key.limbs[["hands", side]]
          V.distance(key.bones["shoulder_#{side}"], Arm.wrist(held)) if held.is_a?(Solver::Held) && held.contact.kind != "forearm"
        end.max || 0.0
      end

      def elbow_gap(bones, held, scene)
        spot = V.add(held.point, scene.upright?(held.contact.surface) ? [-Body::DEPTH["elbows"], 0, 0] : [0, Body::DEPTH["elbows"], 0])
        Body::SIDES.map { |side| V.distance(bones["shoulder_#{side}"], [spot[0], spot[1], bones["shoulder_#{side}"][2]]) }.min - Body::UPPER_ARM * 0.99
      end

      def part(bones, what)
        case what
        when "chest" then V.along(V.along(bones["neck"], bones.chest.up, -12.0), bones.chest.forward, 11.0)
        when "nose" then V.along(bones["head"], bones.head.forward, Body::HEAD)
        when "crown" then V.along(bones["head"], bones.head.up, Body::HEAD)
        when "hips" then bones.at
        when "hand" then bones["hand_l"]
        when "shoulders" then V.along(bones["neck"], bones.chest.up, -8.0)
        when "foot" then bones["toe_r"]
        else V.mix(bones["#{what}_l"], bones["#{what}_r"], 0.5)
        end
      end

      # @yield [Float] an angle
      # @yieldreturn [Float] by how much it misses
      # @return [Float, nil] the angle nearest to +start+ at which nothing is missed
      def solve(start)
        here = yield(start)
        low = high = [start, here]
        (1..(WIDEST / STEP)).each do |step|
          [[high, 1], [low, -1]].each do |(angle, missed), sign|
            tried = start + step * STEP * sign
            now = yield(tried)
            return between(angle, tried, missed) { |middle| yield(middle) } if (now.negative? != missed.negative?) && (now - missed).abs < 40
            (sign == 1) ? high = [tried, now] : low = [tried, now]
          end
        end
        nil
      end

      def between(one, other, missed)
        16.times do
          middle = (one + other) / 2.0
          now = yield(middle)
          (now.negative? == missed.negative?) ? one = middle : other = middle
        end
        ((one + other) / 2.0).round(3)
      end
    end
  end
end
