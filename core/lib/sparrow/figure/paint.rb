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
        drawing.order.flat_map do |part|
          case part
          when "trunk" then trunk(points, drawing)
          when "head" then [blob(points, %w[neck head], [4.2, 4.2]), blob(points, %w[head nose], [3.0, 1.6]), Shape.new(kind: "disc", points: [points["head"]], thick: Body::HEAD, tone: "ink")]
          else limb(points, part, drawing)
          end
        end
      end

      def limb(points, part, drawing)
        kind, side = part.split("_")
        far = drawing.far.include?(part)
        ((kind == "arm") ? %w[hand forearm upper_arm] : %w[foot shin thigh]).map do |bone|
          from, to, *ends = Body::LIMBS.fetch(bone)
          blob(points, ["#{from}_#{side}", "#{to}_#{side}"], ends, tone: "#{drawing.tints.include?(bone) ? "work" : "ink"}#{"far" if far}".sub("inkfar", "far"))
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

      def blob(points, names, ends, tone: "ink")
        Shape.new(kind: "blob", points: names.map { |name| points.fetch(name) }, ends: ends, tone: tone)
      end
    end
  end
end
