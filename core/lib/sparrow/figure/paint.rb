# frozen_string_literal: true

module Sparrow
  module Figure
    # One pose on paper as shapes, the furthest first: what a PDF and a contact sheet draw. A browser
    # draws the same shapes from the same table (Body::LIMBS).
    module Paint
      # +kind+ is blob (from a point to another, half as thick as +ends+ say), area (a polygon with a round
      # border +thick+ wide) or disc; +tone+ is ink, far, work or workfar.
      Shape = Value.of(:kind, :points, :ends, :thick, :tone)

      module_function

      # @param pose [Array<Integer>] as Drawing#stills gives it
      # @param drawing [Drawing]
      # @return [Array<Shape>] in cm
      def shapes(pose, drawing)
        points = Body::POINTS.zip(pose.each_slice(2).map { |point| point.map { |number| number / Drawing::UNIT.to_f } }).to_h
        far = drawing.far
        drawing.order.flat_map do |part|
          case part
          when "trunk" then trunk(points, drawing)
          when "head" then [blob(points, "neck", "head", [4.2, 4.2], "ink"), blob(points, "head", "nose", [3.0, 1.6], "ink"), Shape.new(kind: "disc", points: [points["head"]], thick: Body::HEAD, tone: "ink")]
          else limb(points, part, far.include?(part), drawing.tints)
          end
        end
      end

      def limb(points, part, far, tints)
        kind, side = part.split("_")
        ((kind == "arm") ? %w[hand forearm upper_arm] : %w[foot shin thigh]).map do |bone|
          from, to, *ends = Body::LIMBS.fetch(bone)
          blob(points, "#{from}_#{side}", "#{to}_#{side}", ends, "#{tints.include?(bone) ? "work" : "ink"}#{"far" if far}".sub("inkfar", "far"))
        end
      end

      def trunk(points, drawing)
        neck = points["neck"]
        shoulders = Body::SIDES.map { |side| middle(points["shoulder_#{side}"], neck, 0.28) }
        waist = %w[waist_l waist_r].map { |name| points[name] }
        hips = %w[hip_l hip_r].map { |name| points[name] }
        tints = drawing.tints
        thick = drawing.trunk_thickness
        [Shape.new(kind: "area", points: [*hips, waist[1], waist[0]], thick: thick, tone: (tints.include?("hips") || tints.include?("belly")) ? "work" : "ink"),
          Shape.new(kind: "area", points: [*shoulders, waist[1], waist[0]], thick: thick, tone: tints.include?("chest") ? "work" : "ink")]
      end

      def middle(one, other, share)
        [one[0] + (other[0] - one[0]) * share, one[1] + (other[1] - one[1]) * share]
      end

      def blob(points, from, to, ends, tone)
        Shape.new(kind: "blob", points: [points.fetch(from), points.fetch(to)], ends: ends, tone: tone)
      end
    end
  end
end
