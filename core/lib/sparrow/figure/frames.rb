# frozen_string_literal: true

module Sparrow
  module Figure
    # The instants of a figure, at even shares of each step: as few as keep straight lines between them true.
    module Frames
      V = Vector
      # With so many degrees from one to the next, a bone is shorter by less than a hundredth half way.
      DEGREES = 16.0
      MOST = 24
      BONES = Body::SIDES.flat_map do |side|
        [%w[shoulder elbow], %w[elbow wrist], %w[hip knee], %w[knee ankle], %w[heel toe]].map { |pair| pair.map { |name| "#{name}_#{side}" } }
      end.push(%w[waist_l neck], %w[neck head]).freeze

      module_function

      # @param motion [Motion]
      # @param step [Motion::Step]
      # @param count [Integer, nil] of parts; as few as will do
      # @return [Array<Hash>] points, without the first pose, with the last
      def of(motion, step, count: nil)
        between = InBetween.new(step.from, step.to, motion.scene)
        count ||= count(step, between)
        (1..count).map { |index| (index == count) ? step.to.bones.points : between.at(index / count.to_f).points }
          .map { |points| step.mirrored ? mirror(points) : points }
      end

      def count(step, between)
        half = between.at(0.5)
        widest = BONES.map do |from, to|
          lines = [step.from.bones, half, step.to.bones].map { |bones| V.subtract(bones[to], bones[from]) }
          V.angle(lines[0], lines[1]) + V.angle(lines[1], lines[2])
        end.max
        (widest / DEGREES).ceil.clamp(1, MOST)
      end

      # @return [Hash] left and right changed
      def mirror(points)
        points.to_h { |name, point| [name.sub(/_([lr])\z/) { (Regexp.last_match(1) == "l") ? "_r" : "_l" }, [point[0], point[1], -point[2]]] }
      end
    end
  end
end
