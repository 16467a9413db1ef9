# frozen_string_literal: true

module Sparrow
  module Figure
    # From where a figure is seen: level with it, or from above where somebody lies with the limbs spread.
    class Camera
      # Degrees from the figure's right side towards its front.
      VIEWS = {"side" => 11, "front" => 90, "back" => -90, "quarter" => 48, "left" => 169, "above" => 24}.freeze
      # Degrees above level.
      RISE = {"above" => 52}.freeze
      # How thick the trunk is drawn, cm.
      TRUNK = {"side" => 17.0, "front" => 11.0, "back" => 11.0, "quarter" => 14.0, "left" => 17.0, "above" => 12.0}.freeze

      attr_reader :view

      # @param view [String]
      # @raise [KeyError] for a view that there is not
      def initialize(view)
        @view = view
        radians = VIEWS.fetch(view) * Math::PI / 180
        @sine = Math.sin(radians)
        @cosine = Math.cos(radians)
        rise = RISE.fetch(view, 0) * Math::PI / 180
        @high = Math.sin(rise)
        @level = Math.cos(rise)
        freeze
      end

      # @param point [Array<Float>] in the room
      # @return [Array<Float>] on paper: to the right and down, cm
      def flat(point)
        [point[0] * @cosine - point[2] * @sine, -point[1] * @level + (point[0] * @sine + point[2] * @cosine) * @high]
      end

      # @return [Float] larger is nearer to who looks
      def depth(point)
        return point[2] * (@cosine.positive? ? 1 : -1) if %w[side left].include?(@view)
        (point[0] * @sine + point[2] * @cosine) * @level + point[1] * @high
      end

      # @return [Boolean] whether the floor is seen as a line
      def level?
        @high.zero?
      end

      def trunk
        TRUNK.fetch(@view)
      end
    end
  end
end
