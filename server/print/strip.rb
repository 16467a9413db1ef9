# frozen_string_literal: true

module Server
  module Print
    # The key poses of a figure as vectors on paper. A pose that stands on many cards is
    # drawn once and stamped.
    class Strip
      TONES = {"ink" => Page::INK, "far" => "A5A498", "work" => "1F5F4E", "workfar" => "8DB0A3"}.freeze
      GAP_CM = 8.0
      LINE = 0.5

      # @param pdf [Prawn::Document]
      def initialize(pdf)
        @pdf = pdf
        @drawings = {}
        @stamps = {}
      end

      # @param variation [Sparrow::Catalogue::Variation]
      # @param height [Numeric] in points
      # @param most [Numeric] how wide it may be, in points
      # @return [Array(Float, Float)] width and height as drawn; nil where there is no figure
      def size(variation, height, most)
        drawing, poses = drawing(variation)
        return unless drawing
        scale = [height / drawing.box[3], most / width_cm(drawing, poses)].min
        [width_cm(drawing, poses) * scale, drawing.box[3] * scale]
      end

      # @param at [Array(Numeric, Numeric)] its lower left corner, in the page's bounds
      def draw(variation, height, most, at)
        width, = size(variation, height, most)
        return unless width
        drawing, poses = drawing(variation)
        scale = width / width_cm(drawing, poses)
        name = "#{variation.id}/#{scale.round(4)}"
        @pdf.create_stamp(name) { stamp(drawing, poses, scale) } unless @stamps[name]
        @stamps[name] = true
        @pdf.stamp_at(name, [at[0] + @pdf.bounds.absolute_left, at[1] + @pdf.bounds.absolute_bottom])
      end

      private

      def drawing(variation)
        @drawings[variation.id] ||= begin
          motion = Sparrow::Figure::Library.house.for(variation)
          drawing = motion && Sparrow::Figure::Drawing.new(motion)
          [drawing, drawing&.stills]
        end
      end

      def width_cm(drawing, poses)
        (drawing.box[2] + GAP_CM) * poses.size - GAP_CM
      end

      # In the page's own corner, wherever it is first drawn: it is stamped in other places too.
      def stamp(drawing, poses, scale)
        left, top, width, height = drawing.box
        corner = [@pdf.bounds.absolute_left, @pdf.bounds.absolute_bottom]
        poses.each_with_index do |pose, index|
          place = lambda do |x, y|
            [(x - left + index * (width + GAP_CM)) * scale - corner[0], (height - (y - top)) * scale - corner[1]]
          end
          furniture(drawing, place)
          Sparrow::Figure::Paint.shapes(pose, drawing).each { |shape| shape(shape, place, scale) }
          held(drawing, pose, place, scale)
        end
      end

      def furniture(drawing, place)
        @pdf.stroke_color(Page::SOFT)
        @pdf.line_width(LINE)
        left, _, width, = drawing.box
        @pdf.stroke { @pdf.line(place.call(left, 0), place.call(left + width, 0)) } if drawing.floor?
        drawing.props.each do |prop|
          prop["lines"].each { |line| open_line(cm(line).map { |x, y| place.call(x, y) }) }
        end
      end

      def held(drawing, pose, place, scale)
        points = Sparrow::Figure::Body::POINTS.zip(cm(pose)).to_h
        drawing.props.each do |prop|
          prop["held"].each do |spots|
            line = spots.map { |spot| spot.is_a?(String) ? points.fetch(spot) : cm(spot).first }
            (prop["kind"] == "bottle") ? bottle(line, place, scale) : open_line(line.map { |x, y| place.call(x, y) })
          end
        end
      end

      def bottle(spots, place, scale)
        x, y = spots.transpose.map { |numbers| numbers.sum / numbers.size }
        left, top = place.call(x - 4, y - 8)
        @pdf.fill_color("FFFFFF")
        @pdf.fill_and_stroke { @pdf.rectangle([left, top], 8 * scale, 19 * scale) }
      end

      def open_line(points)
        @pdf.stroke { points.each_cons(2) { |from, to| @pdf.line(from, to) } }
      end

      def cm(numbers)
        numbers.each_slice(2).map { |point| point.map { |number| number / Sparrow::Figure::Drawing::UNIT.to_f } }
      end

      def shape(shape, place, scale)
        color = TONES.fetch(shape.tone)
        @pdf.fill_color(color)
        points = shape.points.map { |x, y| place.call(x, y) }
        case shape.kind
        when "disc" then @pdf.fill { @pdf.circle(points.first, shape.thick * scale) }
        when "area" then area(points, shape.thick * scale, color)
        else blob(points, shape.ends.map { |radius| radius * scale })
        end
      end

      def area(points, thick, color)
        @pdf.stroke_color(color)
        @pdf.line_width(thick)
        @pdf.join_style(:round)
        @pdf.fill_and_stroke { @pdf.polygon(*points) }
        @pdf.line_width(LINE)
      end

      def blob(points, radii)
        points.zip(radii) { |point, radius| @pdf.fill { @pdf.circle(point, radius) } }
        (x1, y1), (x2, y2) = points
        length = Math.hypot(x2 - x1, y2 - y1)
        return if length < 0.01
        nx, ny = [-(y2 - y1) / length, (x2 - x1) / length]
        @pdf.fill { @pdf.polygon([x1 + nx * radii[0], y1 + ny * radii[0]], [x2 + nx * radii[1], y2 + ny * radii[1]], [x2 - nx * radii[1], y2 - ny * radii[1]], [x1 - nx * radii[0], y1 - ny * radii[0]]) }
      end
    end
  end
end
