# frozen_string_literal: true

module Sparrow
  module Figure
    # Points and directions in the room, in centimetres: [forward, up, right], as the
    # figure faces before it turns. Angles are in degrees.
    module Vector
      UP = [0.0, 1.0, 0.0].freeze
      DOWN = [0.0, -1.0, 0.0].freeze
      FORWARD = [1.0, 0.0, 0.0].freeze
      RIGHT = [0.0, 0.0, 1.0].freeze
      ORIGIN = [0.0, 0.0, 0.0].freeze

      module_function

      def add(one, other)
        [one[0] + other[0], one[1] + other[1], one[2] + other[2]]
      end

      def subtract(one, other)
        [one[0] - other[0], one[1] - other[1], one[2] - other[2]]
      end

      def scale(vector, factor)
        [vector[0] * factor, vector[1] * factor, vector[2] * factor]
      end

      # @return [Array<Float>] the point +length+ from +from+ in a direction
      def along(from, direction, length)
        [from[0] + direction[0] * length, from[1] + direction[1] * length, from[2] + direction[2] * length]
      end

      def dot(one, other)
        one[0] * other[0] + one[1] * other[1] + one[2] * other[2]
      end

      def cross(one, other)
        [one[1] * other[2] - one[2] * other[1], one[2] * other[0] - one[0] * other[2], one[0] * other[1] - one[1] * other[0]]
      end

      def length(vector)
        Math.sqrt(dot(vector, vector))
      end

      def distance(one, other)
        length(subtract(one, other))
      end

      # @return [Array<Float>] of length 1; +otherwise+ where there is no direction
      def unit(vector, otherwise = UP)
        size = length(vector)
        (size < 1e-9) ? otherwise : scale(vector, 1 / size)
      end

      def mix(one, other, share)
        [one[0] + (other[0] - one[0]) * share, one[1] + (other[1] - one[1]) * share, one[2] + (other[2] - one[2]) * share]
      end

      # What of a vector is square to an axis.
      def square_to(vector, axis)
        subtract(vector, scale(axis, dot(vector, axis)))
      end

      # Turns a vector about an axis of length 1, anticlockwise as seen from the axis' tip (Rodrigues' formula).
      def turn(vector, axis, degrees)
        return vector if degrees.zero?
        radians = degrees * Math::PI / 180
        cosine = Math.cos(radians)
        sine = Math.sin(radians)
        crossed = cross(axis, vector)
        inner = dot(axis, vector) * (1 - cosine)
        [vector[0] * cosine + crossed[0] * sine + axis[0] * inner, vector[1] * cosine + crossed[1] * sine + axis[1] * inner, vector[2] * cosine + crossed[2] * sine + axis[2] * inner]
      end

      # A direction between two, at even angles.
      def between(one, other, share)
        cosine = dot(one, other).clamp(-1.0, 1.0)
        return unit(mix(one, other, share), one) if cosine > 0.9999
        angle = Math.acos(cosine)
        if cosine < -0.9999
          axis = unit(square_to((one[1].abs < 0.9) ? UP : FORWARD, one))
          return turn(one, unit(cross(one, axis)), share * 180)
        end
        sine = Math.sin(angle)
        add(scale(one, Math.sin((1 - share) * angle) / sine), scale(other, Math.sin(share * angle) / sine))
      end

      # @return [Float] degrees between two directions
      def angle(one, other)
        Math.acos(dot(unit(one), unit(other)).clamp(-1.0, 1.0)) * 180 / Math::PI
      end
    end
  end
end
