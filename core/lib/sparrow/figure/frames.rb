# frozen_string_literal: true

module Sparrow
  module Figure
    # The instants of a figure, at even shares of each step: as few as keep straight lines between them true.
    module Frames
      V = Vector
      # With so many degrees from one to the next, a bone is shorter by less than a hundredth half way.
      DEGREES = 16.0
      BEND = 0.01
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
        frames = count ? parts(step, between, count) : few(step, between)
        step.mirrored ? frames.map { |points| mirror(points) } : frames
      end

      # More and more of them, until a straight line from one to the next is good enough.
      def few(step, between)
        count = count(step, between)
        loop do
          frames = parts(step, between, count)
          return frames if count >= MOST || bend(step, frames) <= BEND
          count = [(count * 1.35).ceil, MOST].min
        end
      end

      def parts(step, between, count)
        (1..count).map { |index| (index == count) ? step.to.bones.points : between.at(index / count.to_f).points }
      end

      # @return [Float] by what share a bone is shorter half way between two frames, at worst
      def bend(step, frames)
        [step.from.bones.points, *frames].each_cons(2).map do |one, other|
          BONES.map do |from, to|
            length = V.distance(one[from], one[to])
            middle = V.scale(V.add(V.subtract(one[to], one[from]), V.subtract(other[to], other[from])), 0.5)
            (length - V.length(middle)) / length
          end.max
        end.max
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
