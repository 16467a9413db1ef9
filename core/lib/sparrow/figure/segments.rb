# frozen_string_literal: true

module Sparrow
  module Figure
    # How near two lines of bone come to each other.
    module Segments
      V = Vector

      module_function

      # @param one [Array(Array<Float>, Array<Float>)] its ends
      # @param two [Array(Array<Float>, Array<Float>)]
      # @return [Float] the least distance between them, cm
      def gap(one, two)
        from, to = one
        other_from, other_to = two
        line = V.subtract(to, from)
        other = V.subtract(other_to, other_from)
        between = V.subtract(from, other_from)
        a, b, c, d, e = [V.dot(line, line), V.dot(line, other), V.dot(other, other), V.dot(line, between), V.dot(other, between)]
        slant = a * c - b * b
        share = (slant < 1e-6) ? 0.0 : ((b * e - c * d) / slant).clamp(0.0, 1.0)
        across = ((b * share + e) / c).clamp(0.0, 1.0)
        share = ((b * across - d) / a).clamp(0.0, 1.0)
        V.distance(V.along(from, line, share), V.along(other_from, other, across))
      end
    end
  end
end
