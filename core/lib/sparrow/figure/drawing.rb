# frozen_string_literal: true

module Sparrow
  module Figure
    # What is sent of a figure: points on paper, step by step, and what is drawn between them. A browser
    # draws and keeps the time; it solves nothing.
    class Drawing
      V = Vector
      # Points are whole numbers of so many to a centimetre.
      UNIT = 4
      MARGIN = 5.0
      ROOM = {"head" => Body::HEAD + 1, "waist" => 10.0, "hip" => 10.0, "shoulder" => 10.0}.freeze
      # What is drawn one over the other, by the points that tell how near it is.
      PARTS = {
        "arm" => %w[shoulder elbow], "leg" => %w[hip knee]
      }.freeze
      # So much further away than the trunk, and a limb is drawn lighter.
      FAR = 5.0
      # A mat reaches so far beyond what comes so near to the floor, and is drawn so far below it; cm.
      NEAR_THE_FLOOR = 16.0
      EDGE = 8.0
      UNDER = -1.3

      # @param motion [Motion]
      # @param fault [Hash, nil] one wrong pose of it instead, from where a camera sees it best (`view`)
      def initialize(motion, fault: nil)
        @motion = motion
        @camera = Camera.new(fault&.fetch("view", nil) || motion.view)
        @first = fault ? motion.pose(fault.except("view")).bones.points : motion.keys.first.last.bones.points
        @steps = fault ? [] : motion.steps.map { |step| [step, Frames.of(motion, step)] }
        travel
        @depths = depths
      end

      # @return [Array<Hash>] every instant, the first pose first
      def instants
        [@first, *@steps.flat_map(&:last)]
      end

      # @return [Hash] for the wire: shapes and units are in docs/openapi.yaml
      def to_h
        last = flat(@first)
        {
          "view" => @camera.view, "unit" => UNIT, "box" => box, "order" => order, "far" => far, "tints" => tints, "rings" => rings, "trunk" => @camera.trunk, "props" => props, "start" => last, "travels" => !@written_travel.nil?, "floor" => floor?,
          "steps" => @steps.map do |step, frames|
            {"phase" => step.phase, "seconds" => step.seconds.round(2), "pause" => step.pause.round(2), "frames" => frames.map do |points|
              now = flat(points)
              moved = now.zip(last).map { |one, other| one - other }
              last = now
              moved
            end}
          end
        }
      end

      # @return [Hash] as {#to_h}, with each fault that has a pose of its own
      def with_faults
        faults = (@motion.written["faults"] || {}).map { |see, written| Drawing.new(@motion, fault: written).to_h.merge("see" => see) }
        to_h.merge("faults" => faults)
      end

      # @return [Array<Array<Integer>>] the key poses on paper, at most +most+, for a strip
      def stills(most: 4)
        keys = [flat(@first), *@steps.map { |_, frames| flat(frames.last) }].uniq
        return keys if keys.size <= most
        Array.new(most) { |index| keys[(index * (keys.size - 1) / (most - 1.0)).round] }
      end

      # @return [Array<Integer>] Body::POINTS in order, right and down
      def flat(points)
        Body::POINTS.flat_map { |name| @camera.flat(points.fetch(name)).map { |number| (number * UNIT).round } }
      end

      # @return [Array<Float>] left, top, width and height of what is ever drawn, cm
      def box
        @box ||= @motion.written["crop"] ? crop : bounds
      end

      def bounds
        all = instants.flat_map { |points| points.map { |name, point| [@camera.flat(point), ROOM.fetch(name[/\A[a-z]+/], MARGIN)] } }
        all += props.flat_map { |prop| prop["lines"].flat_map { |line| line.each_slice(2).map { |point| [point.map { |number| number / UNIT.to_f }, 1.0] } } }
        left, right = all.flat_map { |point, wide| [point[0] - wide, point[0] + wide] }.minmax
        top = all.map { |point, wide| point[1] - wide }.min
        low = @camera.level? ? 4.0 : all.map { |point, wide| point[1] + wide }.max
        [left.floor - 2, top.floor - 2, (right - left).ceil + 4, (low - top).ceil + 4]
      end

      # @return [Array<String>] arm_l, arm_r, leg_l, leg_r, trunk, head: the furthest first
      def order
        depths.sort_by(&:last).map(&:first)
      end

      # @return [Array<String>] the limbs that are drawn lighter
      def far
        return [] unless %w[side left].include?(@camera.view)
        trunk = depths.fetch("trunk")
        depths.select { |part, depth| part.match?(/arm|leg/) && trunk - depth > FAR }.keys
      end

      # @return [Array<String>] parts that work, from the version's muscles
      def tints
        (@motion.variation&.muscles || []).first(3).filter_map { |muscle| Body::TINTS[muscle] }.uniq
      end

      # @return [Array<String>] points at the joints that are loaded
      def rings
        (@motion.variation&.joints || []).filter_map { |joint| Body::JOINTS[joint] }
      end

      # @return [Array<Hash>] the pieces of the scene: fixed lines, and what goes with the body
      def props
        @props ||= [*mat, *@motion.scene.pieces.map { |piece| {"kind" => piece.kind, "lines" => Furniture.lines(piece).map { |line| flat_line(line) }, "held" => held(piece)} }]
      end

      # @return [Boolean] whether the floor is seen as a line
      def floor?
        @camera.level?
      end

      # @return [Float] how thick the trunk is drawn, cm
      def trunk_thickness
        @camera.trunk
      end

      private

      # A mat lies under whatever of the body comes near the floor.
      def mat
        return [] unless @motion.variation&.equipment&.include?("mat")
        low = @motion.keys.flat_map { |_, key| key.bones.points.values }.select { |point| point[1] < NEAR_THE_FLOOR }
        left, right = low.map { |point| point[0] }.minmax
        near, far = low.map { |point| point[2] }.minmax
        corners = [[left, near], [right, near], [right, far], [left, far]].map { |x, z| [x + ((x == left) ? -EDGE : EDGE), UNDER, z + ((z == near) ? -EDGE : EDGE)] }
        [{"kind" => "mat", "lines" => [flat_line([*corners, corners.first])], "held" => []}]
      end

      def held(piece)
        Furniture.held(piece).map { |points| points.map { |point| point.is_a?(String) ? point : flat_line([point]) } }
      end

      def flat_line(points)
        points.flat_map { |point| @camera.flat(point).map { |number| (number * UNIT).round } }
      end

      # What goes on its way is shown on the spot, with the floor passing: each instant is set back by its share.
      def travel
        @written_travel = @motion.written["travel"]
        return unless @written_travel
        x, z = Array(@written_travel).map(&:to_f)
        count = @steps.sum { |_, frames| frames.size }
        done = 0
        @steps = @steps.map do |step, frames|
          [step, frames.map do |points|
            done += 1
            share = done / count.to_f
            points.transform_values { |point| [point[0] - x * share, point[1], point[2] - (z || 0) * share] }
          end]
        end
      end

      def crop
        point, size = @motion.written["crop"].split
        middle = @camera.flat(@first.fetch(point))
        half = (size || 45).to_f / 2
        [(middle[0] - half).floor, (middle[1] - half).floor, (half * 2).ceil, (half * 2).ceil]
      end

      def depths
        @depths || begin
          mean = ->(names) { instants.sum { |points| names.sum { |name| @camera.depth(points[name]) } / names.size } / instants.size }
          limbs = PARTS.flat_map { |part, names| Body::SIDES.map { |side| ["#{part}_#{side}", mean.call(names.map { |name| "#{name}_#{side}" })] } }.to_h
          limbs.merge("trunk" => mean.call(%w[waist_l waist_r shoulder_l shoulder_r]) - 0.5, "head" => mean.call(%w[head]) + 1)
        end
      end
    end
  end
end
