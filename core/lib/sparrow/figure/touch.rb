# frozen_string_literal: true

module Sparrow
  module Figure
    # Whether a pose touches what it says: “seat chair”, “hips wall”, “hand_r shoulder_l”, “knee_l floor”.
    module Touch
      V = Vector

      module_function

      # @param line [String] a point of the body, or seat, and a surface or another point
      # @return [Float] how far they are from each other, cm
      def gap(bones, line, scene)
        what, where = line.split
        return [V.distance(point(bones, what), bones[where]) - 9.0, 0].max if bones.points.key?(where)
        spot = point(bones, what)
        return ((spot[0] - scene.place(where)).abs - depth(what)).abs if scene.upright?(where)
        (spot[1] - scene.height(where) - depth(what)).abs
      end

      def point(bones, what)
        %w[seat hips].include?(what) ? bones.at : bones.points.fetch(what)
      end

      def depth(what)
        {"seat" => 11.0, "hips" => 12.0, "knee" => 6.0, "head" => Body::HEAD}.fetch(what.sub(/_[lr]\z/, ""), 3.0)
      end
    end
  end
end
