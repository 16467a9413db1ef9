# frozen_string_literal: true

module Sparrow
  module Figure
    # The point of a part of the body that rests on something; of two, the lower.
    module RestPoint
      V = Vector
      POINTS = {"heels" => "heel", "knees" => "knee", "hands" => "wrist", "elbows" => "elbow"}.freeze

      LEVEL_CM = 0.6

      module_function

      # @param part [String] a key of Body::DEPTH
      # @param side [String, nil] l or r, where only that one counts
      # @return [Array<Float>]
      def of(bones, part, side)
        case part
        when "seat", "side" then bones.at
        when "back", "front" then V.along(bones.at, V::UP, [0, bones["neck"][1] - bones.at[1]].min)
        when "shoulders" then V.along(bones["neck"], bones.chest.up, -8.0)
        else lower((side ? [side] : Body::SIDES).map { |which| one(bones, which, part) })
        end
      end

      # @return [Array<Float>] the lower, or the middle of two that are level
      def lower(points)
        one, other = points.minmax_by { |point| point[1] }
        (other[1] - one[1] < LEVEL_CM) ? V.mix(one, other, 0.5) : one
      end

      def one(bones, side, part)
        return bones["ball_#{side}"] if %w[toes feet].include?(part)
        bones["#{POINTS.fetch(part)}_#{side}"]
      end
    end
  end
end
